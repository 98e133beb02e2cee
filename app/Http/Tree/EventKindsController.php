<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Tree\Inputs\EventKindInput;
use App\Http\Tree\Resources\KindList;
use App\Http\Tree\Resources\KindResource;
use App\Models\OwnEventKind;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use NorthBough\Core\Tree\EventKind;
use NorthBough\Core\Tree\EventKinds;

/** Kinds of event of a tree's own, beside those that come with North Bough. A fact of such a kind is an event of that type. */
final readonly class EventKindsController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/event-kinds', 'treeEventKinds', KindList::class)]
    public function index(): JsonResponse
    {
        $usual = array_map(
            static fn (EventKind $k): KindResource => new KindResource($k->code, $k->word, $k->ofPerson, $k->ofUnion, $k->hasValue),
            array_values(EventKinds::all()));
        $own = OwnEventKind::query()->orderBy('word')->get()->map(static fn (OwnEventKind $k): KindResource => new KindResource(
            $k->has_value ? 'fact' : 'event', $k->word, $k->of_person, $k->of_union, $k->has_value, $k->id,
        ));

        return response()->json(new KindList([...$usual, ...array_values($own->all())]));
    }

    #[Post('/trees/{tree}/event-kinds', 'makeEventKind', CreatedResource::class, EventKindInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = EventKindInput::from($request);
        $word = trim($input->word);
        $code = Str::slug($word) ?: throw new Refusal('A kind of event needs a word.');
        if (OwnEventKind::query()->where('code', $code)->exists()) {
            throw new Refusal('There is a kind of that word already.', 409);
        }
        $made = $this->changes->run(new Intent(TreesController::user($request), "Made the kind of event “{$word}”"),
            static fn (): OwnEventKind => OwnEventKind::query()->create([
                'code' => $code, 'word' => $word, 'tag' => $input->hasValue ? 'FACT' : 'EVEN', 'of_person' => $input->ofPerson,
                'of_union' => $input->ofUnion, 'has_value' => $input->hasValue,
            ]));

        return response()->json(new CreatedResource($made->id));
    }

    #[Delete('/trees/{tree}/event-kinds/{eventKind}', 'deleteEventKind')]
    public function destroy(Request $request, string $tree, string $eventKind): Response
    {
        $row = OwnEventKind::query()->findOrFail($eventKind);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the kind of event “{$row->word}”; the facts of it stay"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
