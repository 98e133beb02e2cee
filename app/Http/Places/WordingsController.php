<?php

declare(strict_types=1);

namespace App\Http\Places;

use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Places\Inputs\WordingInput;
use App\Http\Places\Resources\WordingResource;
use App\Http\Places\Resources\WordingsPage;
use App\Http\Tree\TreesController;
use App\Models\Place;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Places;
use App\Trees\Places\FactsAtPlaces;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Words that people typed for places, and what they stand for. */
final readonly class WordingsController
{
    private const AT_ONCE = 200;

    public function __construct(private ChangeSets $changes, private Places $places, private FactsAtPlaces $facts)
    {
    }

    #[Get('/trees/{tree}/wordings', 'wordings', WordingsPage::class, query: ['q'])]
    public function index(Request $request): JsonResponse
    {
        $unsettled = $this->facts->unsettled();
        $q = $request->string('q')->trim()->toString();
        if ($q !== '') {
            $unsettled->where('place_typed', 'ilike', '%'.addcslashes($q, '%_\\').'%');
        }
        $total = DB::query()->fromSub(clone $unsettled, 'unsettled')->count();
        $rows = $unsettled->orderByDesc('facts')->orderBy('place_typed')->limit(self::AT_ONCE)->get();

        return response()->json(new WordingsPage(
            array_values($rows->map(static fn (stdClass $row): WordingResource => new WordingResource($row->place_typed, (int) $row->facts))
                ->all()), $total,
        ));
    }

    #[Post('/trees/{tree}/wordings', 'settleWords', CreatedResource::class, WordingInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = WordingInput::from($request);
        $typed = trim($input->typed);
        $chosen = $input->placeId === null ? null : Place::query()->findOrFail($input->placeId);
        $place = $this->changes->run(new Intent(TreesController::user($request), "Said what “{$typed}” stands for"),
            function () use ($typed, $chosen): Place {
                if ($chosen === null) {
                    return $this->places->takeIn($typed);
                }
                $this->places->settle($typed, $chosen);

                return $chosen;
            });

        return response()->json(new CreatedResource($place->id));
    }

    /** Makes places of all words that stand for none yet, in one change that can be taken back. */
    #[Post('/trees/{tree}/wordings/all', 'takeAllWordsIn', WordingsPage::class)]
    public function all(Request $request): JsonResponse
    {
        $this->changes->run(
            new Intent(TreesController::user($request), 'Added all unlinked place names as places', '', ChangeMethod::Batch),
            function (): void {
                foreach ($this->facts->unsettled()->orderBy('place_typed')->pluck('place_typed') as $typed) {
                    if (trim((string) $typed, ' ,') !== '') {
                        $this->places->takeIn((string) $typed);
                    }
                }
            });

        return $this->index(new Request);
    }
}
