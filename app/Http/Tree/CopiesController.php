<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Exchange\ExchangeController;
use App\Http\Exchange\Resources\RunResource;
use App\Http\Tree\Inputs\CentreInput;
use App\Http\Tree\Inputs\CopyInput;
use App\Jobs\CopyTreeInQueue;
use App\Models\Person;
use App\Models\Run;
use App\Models\Tree;
use App\Refusal;
use App\Trees\Display\CentralPerson;
use App\Trees\Exchange\LostRuns;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A tree once more, and one's own place in it. */
final readonly class CopiesController
{
    private const BUSY = 'Something is being done with this tree already. Wait until it is done, or cancel it.';

    public function __construct(private CurrentTree $current, private CentralPerson $centre)
    {
    }

    #[Post('/trees/{tree}/copies', 'copyTree', RunResource::class, CopyInput::class)]
    public function store(Request $request): JsonResponse
    {
        $name = trim(CopyInput::from($request)->name);
        $user = TreesController::user($request);
        if (Run::query()->where('tree_id', $this->current->id())->where('kind', 'import')->whereIn('state', ['waiting', 'running'])
            ->exists()) {
            throw new Refusal(self::BUSY, 409);
        }
        $run = LostRuns::begin($this->current->id(), $user, 'copy', "A copy: {$name}", self::BUSY,
            static fn (): array => ['into' => Tree::begin($name, $user)->id]);
        CopyTreeInQueue::dispatch($run->id);

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
