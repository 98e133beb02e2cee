<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Tree\Inputs\WorldEventInput;
use App\Http\Tree\Resources\WorldEventList;
use App\Http\Tree\Resources\WorldEventResource;
use App\Models\WorldEvent;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Places\Gazetteers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use NorthBough\Core\Chrono\GenDate;

/** What happened around the people of a tree, to stand beside their lives. */
final readonly class WorldEventsController
{
    public function __construct(private ChangeSets $changes, private Gazetteers $gazetteers)
    {
    }

    #[Get('/trees/{tree}/world-events', 'worldEvents', WorldEventList::class)]
    public function index(): JsonResponse
    {
        /** @var Collection<int, WorldEvent> $rows */
        $rows = WorldEvent::query()->orderByRaw('date_begin_lo NULLS LAST')->orderBy('id')->get();

        return response()->json(new WorldEventList(array_values($rows->map(
            static fn (WorldEvent $row): WorldEventResource => new WorldEventResource($row->id, $row->words, $row->date->shown,
                $row->place_typed))->all())));
    }

    #[Post('/trees/{tree}/world-events', 'tellWorldEvent', CreatedResource::class, WorldEventInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = WorldEventInput::from($request);
        $date = GenDate::parse($input->date, $this->gazetteers->datingConvention($this->gazetteers->standing(trim($input->place))));
        if ($date->span() === null) {
            throw new Refusal("No day was understood in “{$input->date}”: without one it stands beside nobody's life.");
        }
        $row = $this->changes->run(new Intent(TreesController::user($request), "Added what happened around them: {$input->words}"),
            static fn (): WorldEvent => WorldEvent::query()
                ->create(['words' => trim($input->words), 'date' => $date, 'place_typed' => trim($input->place)]));

        return response()->json(new CreatedResource($row->id));
    }

    #[Delete('/trees/{tree}/world-events/{worldEvent}', 'untellWorldEvent')]
    public function destroy(Request $request, string $tree, string $worldEvent): Response
    {
        $row = WorldEvent::query()->findOrFail($worldEvent);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted what happened: {$row->words}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
