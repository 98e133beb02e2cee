<?php

declare(strict_types=1);

namespace App\Http\Research;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\ConfirmedSave;
use App\Http\Research\Inputs\SearchInput;
use App\Http\Research\Resources\SearchLogPage;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Models\Search;
use App\Models\SearchPerson;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\DuplicateEntry;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use NorthBough\Core\Chrono\GenDate;

/** The log of searches: what was looked for, where, for whom, and what came of it, found or not. */
final readonly class SearchLogController
{
    public function __construct(
        private CurrentTree $current,
        private SearchRows $rows,
        private ChangeSets $changes,
        private DuplicateEntry $doubled,
    ) {
    }

    #[Get('/trees/{tree}/searches', 'searches', SearchLogPage::class, query: ['q', 'cursor'])]
    public function index(Request $request): JsonResponse
    {
        $this->current->refuseShielded('The log names living people; it is for those who may see them.');

        return response()->json($this->rows->page(trim($request->string('q')->toString()), $request->string('cursor')->toString()));
    }

    #[Post('/trees/{tree}/searches', 'logSearch', CreatedResource::class, SearchInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = SearchInput::from($request);
        if (! ConfirmedSave::isSaid($request)) {
            $this->doubled->refuseSearch($input->lookedFor, $input->lookedIn, $input->people);
        }
        $search = $this->changes->run(new Intent(TreesController::user($request), "Logged a search of {$input->lookedIn}"),
            static function () use ($input): Search {
                $search = Search::query()->create([...self::values($input), 'position' => 1 + (int) Search::query()->max('position')]);
                foreach (array_unique($input->people) as $personId) {
                    SearchPerson::query()->create(['search_id' => $search->id, 'person_id' => Person::query()->findOrFail($personId)->id]);
                }

                return $search;
            });

        return response()->json(new CreatedResource($search->id));
    }

    #[Patch('/trees/{tree}/searches/{search}', 'changeSearch', CreatedResource::class, SearchInput::class)]
    public function update(Request $request, string $tree, string $search): JsonResponse
    {
        $input = SearchInput::from($request);
        $this->changes->run(new Intent(TreesController::user($request), "Changed what was logged of {$input->lookedIn}"),
            static function () use ($input, $search): void {
                $row = Search::query()->findOrFail($search);
                ChangedMeanwhile::unless($row, $input->version ?? 0,
                    ['looked_for' => $input->lookedFor, 'looked_in' => $input->lookedIn, 'found' => $input->found ?? '']);
                $row->fill(self::values($input))->save();
            });

        return response()->json(new CreatedResource($search));
    }

    #[Delete('/trees/{tree}/searches/{search}', 'deleteSearch')]
    public function destroy(Request $request, string $tree, string $search): Response
    {
        $row = Search::query()->findOrFail($search);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the search of {$row->looked_in}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function values(SearchInput $input): array
    {
        return ['looked_for' => trim($input->lookedFor), 'looked_in' => trim($input->lookedIn), 'outcome' => $input->outcome,
            'found' => trim($input->found ?? ''), 'note' => trim($input->note ?? ''),
            'is_whole' => $input->isWhole ?? false,
            'date' => GenDate::parse(trim($input->date ?? '') === '' ? Carbon::now()->format('j M Y') : trim((string) $input->date))];
    }
}
