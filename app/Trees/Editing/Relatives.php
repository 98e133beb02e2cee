<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Person;
use App\Models\Union;
use App\Refusal;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;

/** Adds a relative to a person: somebody new, typed in one line, or somebody who is in the tree. */
final readonly class Relatives
{
    public const RELATIONS = ['father', 'mother', 'parent', 'partner', 'child', 'sibling'];

    public function __construct(private People $people, private Ties $ties, private Facts $facts)
    {
    }

    /** @return array{Person, Union|null} the relative, and the union of a partner or of the parents; null for a child or a sibling */
    public function add(Person $person, string $relation, OneLineEntry|Person $who, ?string $unionId = null, ParentageKind $kind = ParentageKind::Birth): array
    {
        $relative = $who instanceof Person ? $who : $this->people->enter($who, $this->expectedSex($relation));
        $union = null;
        match ($relation) {
            'father', 'mother', 'parent' => $union = $this->ties->addParent($person, $relative, $kind),
            'partner' => $union = $unionId === null ? $this->ties->addPartner($person, $relative) : $this->ties->namePartner($person, $unionId, $relative),
            'child' => $this->ties->addChild($person, $relative, $unionId, $kind),
            'sibling' => $this->ties->addSibling($person, $relative),
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
        $union ??= $this->ties->addPartnerUnknown($person);
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
