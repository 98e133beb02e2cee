<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\People\Inputs\NoteInput;
use App\Http\Tree\TreesController;
use App\Models\Event;
use App\Models\Note;
use App\Models\Person;
use App\Models\Repository;
use App\Models\Source;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Notes of one's own on people, facts, sources and repositories. */
final readonly class NotesController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    #[Post('/trees/{tree}/people/{person}/notes', 'addNote', CreatedResource::class, NoteInput::class)]
    public function onPerson(Request $request, string $tree, string $person): JsonResponse
    {
        return $this->add($request, 'person_id', Person::query()->findOrFail($person)->id);
    }

    #[Post('/trees/{tree}/facts/{fact}/notes', 'addFactNote', CreatedResource::class, NoteInput::class)]
    public function onFact(Request $request, string $tree, string $fact): JsonResponse
    {
        return $this->add($request, 'event_id', Event::query()->findOrFail($fact)->id);
    }

    #[Post('/trees/{tree}/sources/{source}/notes', 'addSourceNote', CreatedResource::class, NoteInput::class)]
    public function onSource(Request $request, string $tree, string $source): JsonResponse
    {
        return $this->add($request, 'source_id', Source::query()->findOrFail($source)->id);
    }

    #[Post('/trees/{tree}/repositories/{repository}/notes', 'addRepositoryNote', CreatedResource::class, NoteInput::class)]
    public function onRepository(Request $request, string $tree, string $repository): JsonResponse
    {
        return $this->add($request, 'repository_id', Repository::query()->findOrFail($repository)->id);
    }

    #[Patch('/trees/{tree}/notes/{note}', 'changeNote', CreatedResource::class, NoteInput::class)]
    public function update(Request $request, string $tree, string $note): JsonResponse
    {
        $input = NoteInput::from($request);
        $this->changes->run(new Intent(TreesController::user($request), 'Changed a note'), static function () use ($note, $input): void {
            $row = Note::query()->findOrFail($note);
            $values = ['text' => $input->text, 'is_research' => $input->isResearch];
            ChangedMeanwhile::unless($row, $input->version ?? 0, $values);
            $row->fill($values)->save();
        });

        return response()->json(new CreatedResource($note));
    }

    #[Delete('/trees/{tree}/notes/{note}', 'deleteNote')]
    public function destroy(Request $request, string $tree, string $note): Response
    {
        $row = Note::query()->findOrFail($note);
        $this->changes->run(new Intent(TreesController::user($request), 'Deleted a note'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    private function add(Request $request, string $column, string $id): JsonResponse
    {
        $input = NoteInput::from($request);
        $note = $this->changes->run(new Intent(TreesController::user($request), 'Added a note'),
            static fn (): Note => Note::query()->create([$column => $id, 'text' => $input->text, 'is_research' => $input->isResearch]));

        return response()->json(new CreatedResource($note->id));
    }
}
