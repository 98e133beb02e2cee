<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Exchange\ExchangeController;
use App\Http\Inputs\CentreInput;
use App\Http\Inputs\CopyInput;
use App\Http\Resources\RunResource;
use App\Jobs\CopyTreeAway;
use App\Models\Person;
use App\Models\Run;
use App\Models\Tree;
use App\Refusal;
use App\Trees\Centre;
use App\Trees\CurrentTree;
use App\Trees\Exchange\Runs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** A tree once more, and one's own place in it. */
final readonly class CopiesController
{
    public function __construct(private CurrentTree $current, private Centre $centre)
    {
    }

    #[Post('/trees/{tree}/copies', 'copyTree', RunResource::class, CopyInput::class)]
    public function store(Request $request): JsonResponse
    {
        $name = trim(CopyInput::from($request)->name);
        $user = TreesController::user($request);
        Runs::release();
        $run = DB::transaction(function () use ($name, $user): Run {
            if (Run::query()->where('tree_id', $this->current->id())->whereIn('state', ['waiting', 'running'])->lockForUpdate()->exists()) {
                throw new Refusal('Something is being done with this tree already. Wait until it is done, or cancel it.', 409);
            }

            return Run::query()->create(['tree_id' => $this->current->id(), 'user_id' => $user->id, 'kind' => 'copy', 'state' => 'waiting', 'title' => "A copy: {$name}",
                'asked' => ['into' => Tree::begin($name, $user)->id], 'done' => 0, 'total' => 100, 'said' => 'Waiting for its turn']);
        });
        CopyTreeAway::dispatch($run->id);

        return response()->json(ExchangeController::run($run->refresh()));
    }

    /** Whom one wants at the centre for oneself; nobody is whom the owner chose. */
    #[Put('/trees/{tree}/centre', 'chooseCentre', body: CentreInput::class)]
    public function centre(Request $request): Response
    {
        $person = CentreInput::from($request)->personId;
        $this->centre->choose(TreesController::user($request), $person === null ? null : Person::query()->findOrFail($person)->id);

        return response()->noContent();
    }
}
