<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\ConfirmedSave;
use App\Http\People\Inputs\FactInput;
use App\Http\Tree\TreesController;
use App\Models\Event;
use App\Models\Person;
use App\Models\Source;
use App\Models\Union;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Citations;
use App\Trees\Editing\DuplicateEntry;
use App\Trees\Editing\Facts;
use App\Trees\Evidence\RuledOutValues;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Tree\EventKinds;

final readonly class FactsController
{
    public function __construct(
        private ChangeSets $changes,
        private Facts $facts,
        private Citations $citations,
        private RuledOutValues $ruledOut,
        private DuplicateEntry $doubled,
    ) {
    }

    #[Post('/trees/{tree}/people/{person}/facts', 'addFact', CreatedResource::class, FactInput::class)]
    public function addToPerson(Request $request, string $tree, string $person): JsonResponse
    {
        return $this->add($request, 'person_id', Person::query()->findOrFail($person)->id);
    }

    #[Post('/trees/{tree}/unions/{union}/facts', 'addUnionFact', CreatedResource::class, FactInput::class)]
    public function addToUnion(Request $request, string $tree, string $union): JsonResponse
    {
        return $this->add($request, 'union_id', Union::query()->findOrFail($union)->id);
    }

    #[Patch('/trees/{tree}/facts/{fact}', 'changeFact', CreatedResource::class, FactInput::class)]
    public function update(Request $request, string $tree, string $fact): JsonResponse
    {
        $input = FactInput::from($request);
        $event = Event::query()->findOrFail($fact);
        $values = $input->fact($event->kind);
        $version = $input->version ?? throw new Refusal('Say which version of the fact you changed.');
        $this->changes->run(
            new Intent(TreesController::user($request), 'Changed '.self::word($event->kind), $input->why ?? ''),
            fn (): Event => $this->facts->change(Event::query()->findOrFail($fact), $version, $values),
        );

        return response()->json(new CreatedResource($fact));
    }

    #[Delete('/trees/{tree}/facts/{fact}', 'deleteFact')]
    public function destroy(Request $request, string $tree, string $fact): Response
    {
        $event = Event::query()->findOrFail($fact);
        $this->changes->run(
            new Intent(TreesController::user($request), 'Deleted '.self::word($event->kind)),
            fn (Change $change) => $this->facts->delete($change, $event),
            $event,
        );

        return response()->noContent();
    }

    private function add(Request $request, string $column, string $id): JsonResponse
    {
        $input = FactInput::from($request);
        $kind = $input->kind ?? throw new Refusal('Say what kind of fact it is.');
        if (! ConfirmedSave::isSaid($request)) {
            $this->doubled->refuseFact($column, $id, $input->fact($kind));
        }
        if ($column === 'person_id' && ! ConfirmedSave::isSaid($request) && $input->again !== true && $input->denied !== true) {
            $this->ruledOut->refuseAgain($id, $kind, $input->date ?? '', $input->value ?? '');
        }
        $source = $input->sourceId === null ? null : Source::query()->findOrFail($input->sourceId);
        $event = $this->changes->run(
            new Intent(TreesController::user($request), 'Added '.self::word($kind), $input->why ?? ''),
            function () use ($column, $id, $input, $kind, $source): Event {
                $event = $this->facts->add($column, $id, $input->fact($kind));
                if ($source !== null) {
                    $this->citations->cite('event_id', $event->id, $source, $input->locator ?? '', $input->words ?? '');
                }

                return $event;
            },
        );

        return response()->json(new CreatedResource($event->id));
    }

    private static function word(string $kind): string
    {
        return 'a fact: '.mb_strtolower(EventKinds::all()[$kind]->word ?? $kind);
    }
}
