<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\FileSide;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Sex;

/** INDI: version 7, section 3.2, INDIVIDUAL_RECORD. */
final readonly class PersonMapping
{
    public function __construct(private Mapping $mapping, private EventMapping $events, private CitationMapping $citations)
    {
    }

    public function map(Structure $record, string $id, int $number, int $ordinal): void
    {
        $fields = new Fields($record);
        $owner = new FactRef(Owner::Person, $id);
        $names = $fields->takeAll(static fn (Structure $s): bool => $s->tag === 'NAME');
        $sex = Sex::fromStandard($fields->text('SEX'));
        $this->mapping->add(new PersonRow($id, $number, $sex, $ordinal, $fields->written()));
        $this->mapping->named(Owner::Person, $id, $record->pointer);
        foreach ($names as $place => $name) {
            $this->name($name, $id, $place);
        }
        $this->events->map($fields, $id, null);
        $this->parents($fields, $record->pointer, $id);
        $this->partnerships($fields, $record->pointer);
        $this->mapping->notes($fields, $owner);
        $this->citations->map($fields, $owner);
        $this->mapping->keep($fields, $owner);
        $this->mapping->counts['people']++;
    }

    private function name(Structure $structure, string $personId, int $ordinal): void
    {
        $fields = new Fields($structure);
        $name = NameLines::read($structure->payload, array_combine(NameLines::PARTS, array_map($fields->text(...), NameLines::PARTS)));
        $kind = NameKind::fromStandard($fields->text('TYPE'));
        $id = $this->mapping->newId();
        $this->mapping->add(new NameRow($id, $personId, $kind, $name, $ordinal, $fields->written()));
        $owner = new FactRef(Owner::Name, $id);
        $this->mapping->notes($fields, $owner);
        $this->citations->map($fields, $owner);
        $this->mapping->keep($fields, $owner);
    }

    private function parents(Fields $fields, string $person, string $personId): void
    {
        $survey = $this->mapping->survey;
        $seen = [];
        foreach ($fields->takeAll(static fn (Structure $s): bool => $s->tag === 'FAMC') as $ordinal => $structure) {
            $family = $structure->payload;
            $unionId = $survey->id($family, 'FAM');
            if ($unionId === null || isset($seen[$family])) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $inner = new Fields($structure);
            $kind = ParentageKind::fromStandard($inner->text('PEDI'));
            $childOrdinal = $survey->childOrdinal($family, $person);
            $side = $childOrdinal === -1 ? FileSide::Person : FileSide::Both;
            $id = $survey->tie('C', $family, $person);
            $this->mapping->add(new ParentSetRow($id, $personId, $unionId, $seen === [], $kind, $side, $ordinal, $childOrdinal, $inner->written()));
            foreach (array_keys($survey->partners($family)) as $parent) {
                $parentId = $survey->id($parent, 'INDI');
                if ($parentId !== null) {
                    $this->mapping->add(new ParentageRow($this->mapping->newId(), $id, $parentId, $kind));
                }
            }
            $this->mapping->keep($inner, new FactRef(Owner::ParentSet, $id), 'person');
            $seen[$family] = true;
        }
    }

    private function partnerships(Fields $fields, string $person): void
    {
        $survey = $this->mapping->survey;
        $personId = $survey->id($person, 'INDI');
        $seen = [];
        foreach ($fields->takeAll(static fn (Structure $s): bool => $s->tag === 'FAMS') as $ordinal => $structure) {
            $family = $structure->payload;
            $unionId = $survey->id($family, 'FAM');
            $partners = $survey->partners($family);
            $told = $partners[$person] ?? null;
            if ($unionId === null || $personId === null || isset($seen[$family]) || ($told === null && count($partners) > 1)) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $inner = new Fields($structure);
            $id = $survey->tie('S', $family, $person);
            [$slot, $place] = $told ?? ['HUSB', -1];
            $side = $told === null ? FileSide::Person : FileSide::Both;
            $this->mapping->add(new UnionPartnerRow($id, $unionId, $personId, $slot, $side, $place, $ordinal, $inner->written()));
            $this->mapping->keep($inner, new FactRef(Owner::UnionPartner, $id), 'person');
            $seen[$family] = true;
        }
    }
}
