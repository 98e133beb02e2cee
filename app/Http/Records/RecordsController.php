<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Counted;
use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\ConfirmedSave;
use App\Http\Records\Inputs\BeginRecordInput;
use App\Http\Records\Inputs\CommitInput;
use App\Http\Records\Inputs\DraftInput;
use App\Http\Records\Inputs\LineChoiceInput;
use App\Http\Records\Inputs\PeopleInput;
use App\Http\Records\Inputs\RecordInput;
use App\Http\Records\Inputs\RecordMatchInput;
use App\Http\Records\Inputs\RollLineInput;
use App\Http\Records\Resources\CommitSummaryResource;
use App\Http\Records\Resources\RecordMatchResource;
use App\Http\Records\Resources\RecordResource;
use App\Http\Tree\TreesController;
use App\Models\Record;
use App\Models\Source;
use App\Refusal;
use App\Trees\Access\OpenRecords;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\CommitRecord;
use App\Trees\Editing\DuplicateEntry;
use App\Trees\Editing\Rolls;
use App\Trees\Records\RollDrafts;
use App\Trees\Records\StoredRoll;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Records: what a page says, and taking it in. */
final readonly class RecordsController
{
    public function __construct(
        private ChangeSets $changes,
        private Rolls $rolls,
        private RecordPages $pages,
        private RollDrafts $drafts,
        private OpenRecords $openness,
        private DuplicateEntry $doubled,
    ) {
    }

    #[Get('/trees/{tree}/records/{record}', 'record', RecordResource::class)]
    public function show(Request $request, string $tree, string $record): JsonResponse
    {
        $row = Record::query()->findOrFail($record);
        $this->openness->refuseClosed($row);

        return response()->json($this->pages->one($row, TreesController::user($request)));
    }

    #[Post('/trees/{tree}/sources/{source}/records', 'beginRecord', CreatedResource::class, BeginRecordInput::class)]
    public function store(Request $request, string $tree, string $source): JsonResponse
    {
        $input = BeginRecordInput::from($request);
        $row = Source::query()->findOrFail($source);
        if (! ConfirmedSave::isSaid($request)) {
            $this->doubled->refuseRecord($row, $input->locator ?? '');
        }
        $record = $this->changes->run(new Intent(TreesController::user($request), "Began a record in {$row->title}"),
            fn (): Record => $this->rolls->begin($row, $input->kind, $input->locator ?? ''), $row);

        return response()->json(new CreatedResource($record->id));
    }

    /** Keeps head and roll as they are on the page now; what was a draft is kept with it. */
    #[Put('/trees/{tree}/records/{record}', 'keepRecord', CreatedResource::class, RecordInput::class)]
    public function update(Request $request, string $tree, string $record): JsonResponse
    {
        $input = RecordInput::from($request);
        $this->changes->run(new Intent(TreesController::user($request), 'Entered what a record says'),
            function (Change $change) use ($record, $input): void {
                $row = Record::query()->findOrFail($record);
                ChangedMeanwhile::unless($row, $input->version,
                    array_filter(['locator' => $input->locator, 'date' => $input->date, 'place' => $input->place,
                        'transcription' => $input->transcription], is_string(...)));
                $this->rolls->head($row, $input->head());
                $this->rolls->keep($change, $row, RollLineInput::lines($input->lines));
                // Two people at one roll: whoever keeps second reads first what the other kept.
                DB::table('records')->where('tree_id', $row->tree_id)->where('id', $row->id)->increment('version');
            });
        $this->drafts->forget($record);

        return response()->json(new CreatedResource($record));
    }

    /** Calls several people of the tree into the roll at once: placed lines whose words are still to be read from the page. */
    #[Post('/trees/{tree}/records/{record}/called', 'callIntoRoll', CreatedResource::class, PeopleInput::class)]
    public function callIn(Request $request, string $tree, string $record): JsonResponse
    {
        $input = PeopleInput::from($request);
        $count = count($input->people);
        $this->changes->run(new Intent(TreesController::user($request), 'Called '.Counted::of($count, 'person', 'people').' into a roll'),
            function () use ($record, $input): void {
                $row = Record::query()->findOrFail($record);
                ChangedMeanwhile::unless($row, $input->version ?? 0, []);
                $this->rolls->addNamed($row, $input->people);
                DB::table('records')->where('tree_id', $row->tree_id)->where('id', $row->id)->increment('version');
            });
        $this->drafts->forget($record);

        return response()->json(new CreatedResource($record));
    }

    #[Delete('/trees/{tree}/records/{record}', 'deleteRecord')]
    public function destroy(Request $request, string $tree, string $record): Response
    {
        $row = Record::query()->findOrFail($record);
        $this->changes->run(new Intent(TreesController::user($request), 'Deleted a record'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    /** Holds what is being typed, so that a reload or a dead server loses nothing. It changes no row of the tree. */
    #[Put('/trees/{tree}/records/{record}/draft', 'draftRecord', null, DraftInput::class)]
    public function draft(Request $request, string $tree, string $record): Response
    {
        $input = DraftInput::from($request);
        $this->drafts->hold(Record::query()->findOrFail($record), TreesController::user($request), $input->ofVersion, $input->seq,
            $input->roll);

        return response()->noContent();
    }

    #[Delete('/trees/{tree}/records/{record}/draft', 'dropDraft')]
    public function dropDraft(string $tree, string $record): Response
    {
        $this->drafts->forget(Record::query()->findOrFail($record)->id);

        return response()->noContent();
    }

    /** Who is who, given what was decided so far. It changes nothing. */
    #[Post('/trees/{tree}/records/{record}/line-up', 'lineUp', RecordMatchResource::class, RecordMatchInput::class)]
    public function lineUp(Request $request, RecordMatchPages $lineUps, StoredRoll $rolls, string $tree, string $record): JsonResponse
    {
        $input = RecordMatchInput::from($request);
        $row = Record::query()->findOrFail($record);
        $roll = $input->lines === null ? $rolls->roll($row)
            : $rolls->asTyped($row, RollLineInput::lines($input->lines), $input->date ?? '', $input->place ?? '');

        return response()
            ->json($lineUps->of($row, $roll, LineChoiceInput::choices($input->choices), $input->toldCount ?? $row->told_count));
    }

    #[Post('/trees/{tree}/records/{record}/take-in', 'takeIn', CommitSummaryResource::class, CommitInput::class)]
    public function takeIn(Request $request, CommitRecord $takeIn, string $tree, string $record): JsonResponse
    {
        $input = CommitInput::from($request);
        $choices = LineChoiceInput::choices($input->choices);
        if ($choices === []) {
            throw new Refusal('Decide on a line first: place it, make somebody new of it, or set it aside.');
        }
        $source = Source::query()->findOrFail(Record::query()->findOrFail($record)->source_id);
        $taken = $this->changes->run(
            new Intent(TreesController::user($request), "Added to the tree: a record of {$source->title}", $input->why ?? ''),
            function (Change $change) use ($record, $input, $choices, $takeIn) {
                $row = Record::query()->findOrFail($record);
                ChangedMeanwhile::unless($row, $input->version, []);

                return $takeIn->commit($change, $row, $choices);
            });

        return response()->json(new CommitSummaryResource($taken->words(), Record::query()->findOrFail($record)->version));
    }
}
