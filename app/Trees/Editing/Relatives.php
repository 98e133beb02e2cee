<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Person;
use App\Models\Union;
use App\Refusal;
use App\Trees\Families\FamilyWriter;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Family\Command\AddChild;
use NorthBough\Core\Family\Command\AddParent;
use NorthBough\Core\Family\Command\AddPartner;
use NorthBough\Core\Family\Command\AddSibling;
use NorthBough\Core\Family\Command\BeginCouple;
use NorthBough\Core\Family\Command\NamePartner;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;

/** Adds a relative to a person: somebody new, typed in one line, or somebody who is in the tree. */
final readonly class Relatives
{
    public const RELATIONS = ['father', 'mother', 'parent', 'partner', 'child', 'sibling'];

    public function __construct(private People $people, private FamilyWriter $families, private Facts $facts)
    {
    }

    /** @return array{Person, Union|null} the relative, and the union of a partner or of the parents; null for a child or a sibling */
    public function add(
        Person $person,
        string $relation,
        OneLineEntry|Person $who,
        ?string $unionId = null,
        ParentageKind $kind = ParentageKind::Birth,
    ): array {
        $relative = $who instanceof Person ? $who : $this->people->enter($who, $this->expectedSex($relation));
        $union = null;
        match ($relation) {
            'father', 'mother', 'parent' => $union = $this->families->couple(new AddParent($person->id, $relative->id, $kind)),
            'partner' => $union = $this->families->couple($unionId === null ? new AddPartner($person->id, $relative->id)
                : new NamePartner($person->id, $unionId, $relative->id)),
            'child' => $this->families->run(new AddChild($person->id, $relative->id, $unionId ?? '', $kind)),
            'sibling' => $this->families->run(new AddSibling($person->id, $relative->id)),
            default => throw new Refusal("“{$relation}” is no relation that can be added."),
        };
        if ($who instanceof OneLineEntry && isset($who->events['marriage'])) {
            // A parent's marriage in the line is that of the parents: it is not entered beside their union.
            $this->marriage($who, $relative, $union);
        }

        return [$relative, $union];
    }

    /** A person entered alone with a marriage has a union whose other partner is not known. */
    public function marriage(OneLineEntry $entry, Person $person, ?Union $union): void
    {
        $union ??= $this->families->couple(new BeginCouple($person->id));
        $this->facts->add('union_id', $union->id, People::eventValues('marriage', $entry->events['marriage']));
    }

    private function expectedSex(string $relation): Sex
    {
        return match ($relation) {
            'father' => Sex::Male,
            'mother' => Sex::Female,
            default => Sex::Unknown,
        };
    }
}
