<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\ConfirmedSave;
use App\Http\People\Inputs\PersonChangeInput;
use App\Http\People\Inputs\PersonInput;
use App\Http\People\Inputs\RelativeInput;
use App\Http\People\Resources\PersonPage;
use App\Http\People\Resources\TieResource;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\DuplicateEntry;
use App\Trees\Editing\People;
use App\Trees\Editing\Relatives;
use App\Trees\Evidence\RuledOutValues;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Restriction;

final readonly class PeopleController
{
    public function __construct(
        private ChangeSets $changes,
        private People $people,
        private Relatives $relatives,
        private PersonPageBuilder $pages,
        private RuledOutValues $ruledOut,
        private DuplicateEntry $doubled,
        private Joined $joined,
    ) {
    }

    #[Get('/trees/{tree}/people/{person}', 'person', PersonPage::class)]
    public function show(string $tree, string $person): JsonResponse
    {
        return response()->json($this->pages->build(Person::query()->findOrFail($this->joined->resolve($person))));
    }

    #[Post('/trees/{tree}/people', 'enterPerson', CreatedResource::class, PersonInput::class)]
    public function store(Request $request): JsonResponse
    {
        $entry = OneLineEntry::parse(PersonInput::from($request)->line);
        if (! ConfirmedSave::isSaid($request)) {
            $this->doubled->refusePerson($entry);
        }
        $person = $this->changes->run(
            new Intent(TreesController::user($request), "Entered {$entry->name->shown()}"),
            function () use ($entry): Person {
                $person = $this->people->enter($entry);
                if (isset($entry->events['marriage'])) {
                    $this->relatives->marriage($entry, $person, null);
                }

                return $person;
            },
        );

        return response()->json(new CreatedResource($person->id));
    }

    #[Post('/trees/{tree}/people/{person}/relatives', 'addRelative', TieResource::class, RelativeInput::class)]
    public function addRelative(Request $request, string $tree, string $person): JsonResponse
    {
        $input = RelativeInput::from($request);
        $row = Person::query()->findOrFail($person);
        $who = $input->personId === null ? OneLineEntry::parse((string) $input->line) : Person::query()->findOrFail($input->personId);
        $name = $who instanceof Person ? $this->pages->nameOf($who) : $who->name->shown();
        $kind = ParentageKind::from($input->kind ?? 'birth');
        if ($who instanceof Person) {
            $this->ruledOut->refuseTieAgain($input->relation, $row->id, $who->id);
        }
        if (! ConfirmedSave::isSaid($request)) {
            $input->relation === 'partner' && $this->doubled->refusePartner($row, $who);
            $who instanceof OneLineEntry && $this->doubled->refusePerson($who, $input->relation === 'child' ? $input->unionId : null);
        }
        [$relative, $union] = $this->changes->run(
            new Intent(TreesController::user($request), "Added {$name} as {$input->relation} of {$this->pages->nameOf($row)}"),
            fn (): array => $this->relatives->add($row, $input->relation, $who, $input->unionId, $kind),
            ...array_values(array_filter([$row, $who], static fn (Person|OneLineEntry $fetched): bool => $fetched instanceof Person)),
        );

        return response()->json(new TieResource($relative->id, $union?->id));
    }

    #[Patch('/trees/{tree}/people/{person}', 'changePerson', PersonPage::class, PersonChangeInput::class)]
    public function update(Request $request, string $tree, string $person): JsonResponse
    {
        $input = PersonChangeInput::from($request);
        $row = Person::query()->findOrFail($person);
        $this->changes->run(
            new Intent(TreesController::user($request), match (true) {
                $input->saidDeadWhy !== null => "Said whether {$this->pages->nameOf($row)} is dead",
                $input->restriction !== null => "Restricted {$this->pages->nameOf($row)}",
                default => "Changed the sex of {$this->pages->nameOf($row)}",
            }, $input->saidDeadWhy ?? ''),
            static function () use ($person, $input): void {
                $row = Person::query()->findOrFail($person);
                $changed = array_filter(
                    ['sex' => $input->sex, 'said_dead_why' => $input->saidDeadWhy,
                        'restriction' => $input->restriction === null ? null : Restriction::fromStandard($input->restriction)->words()],
                    static fn (?string $value): bool => $value !== null);
                ChangedMeanwhile::unless($row, $input->version, $changed);
                $row->fill($changed)->save();
            },
        );

        return $this->show($tree, $person);
    }

    #[Delete('/trees/{tree}/people/{person}', 'deletePerson')]
    public function destroy(Request $request, string $tree, string $person): Response
    {
        $row = Person::query()->findOrFail($person);
        $this->changes->run(
            new Intent(TreesController::user($request), "Deleted {$this->pages->nameOf($row)} with {$this->people->weightOf($row)}"),
            fn (Change $change) => $this->people->delete($change, $row),
            $row,
        );

        return response()->noContent();
    }
}
