<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\TieSide;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Gedcom\SlotTags;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** FAM: version 7, section 3.2, FAMILY_RECORD. */
final readonly class FamilyMapping
{
    public function __construct(
        private MappingContext $mapping,
        private EventMapping $events,
        private CitationMapping $citations,
        private PictureMapping $pictures,
    ) {
    }

    public function map(Structure $record, string $id, int $ordinal): void
    {
        $fields = new StructureFields($record);
        RepeatedNotes::passOver($fields);
        $owner = new FactRef(Owner::Union, $id);
        $restriction = $fields->restriction();
        $this->mapping->add(new UnionRow($id, $ordinal, $fields->written(), restriction: $restriction));
        $this->mapping->named(Owner::Union, $id, $record->pointer);
        $this->partners($fields, $record->pointer, $id);
        $this->ruledOut($fields, $record->pointer, $id);
        $this->children($fields, $record->pointer, $id);
        $this->events->map($fields, null, $id);
        $this->mapping->notes($fields, $owner);
        $this->citations->map($fields, $owner);
        $this->pictures->links($fields, $owner);
        $this->mapping->keep($fields, $owner);
        $this->mapping->counts['families']++;
    }

    private function partners(StructureFields $fields, string $family, string $unionId): void
    {
        $survey = $this->mapping->survey;
        $partners = $survey->partners($family);
        foreach ($fields->takeAll(static fn (Structure $s): bool => SlotTags::is($s->tag)) as $ordinal => $structure) {
            $person = $structure->payload;
            $personId = $survey->id($person, 'INDI');
            if ($personId === null || ($partners[$person][1] ?? -1) !== $ordinal) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $id = $survey->tie('S', $family, $person);
            $inner = new StructureFields($structure);
            if (! $survey->personTellsPartner($family, $person)) {
                $this->mapping->add(
                    new UnionPartnerRow($id, $unionId, $personId, SlotTags::slot($structure->tag), TieSide::Family, $ordinal, -1, [],
                        $inner->standing()));
            }
            $this->mapping->keep($inner, new FactRef(Owner::UnionPartner, $id), 'family');
        }
    }

    /** _NB_RULED_PARTNER, our extension: somebody who is no partner, and stays so that nobody finds them again. */
    private function ruledOut(StructureFields $fields, string $family, string $unionId): void
    {
        $seen = $this->mapping->survey->partners($family);
        foreach ($fields->takeAll(static fn (Structure $s): bool => $s->tag === '_NB_RULED_PARTNER'
            && $s->isPointer) as $ordinal => $structure) {
            $personId = $this->mapping->survey->id($structure->payload, 'INDI');
            $inner = new StructureFields($structure);
            $slot = $inner->text('_NB_SLOT');
            if ($personId === null || isset($seen[$structure->payload]) || ! SlotTags::is($slot)) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $seen[$structure->payload] = true;
            $id = $this->mapping->newId();
            $this->mapping->add(
                new UnionPartnerRow($id, $unionId, $personId, SlotTags::slot($slot), TieSide::Both, $ordinal, -1, [], Standing::RuledOut));
            $link = $inner->takeAll(static fn (Structure $s): bool => $s->tag === 'FAMS' && ! $s->isPointer);
            foreach ($link as $fams) {
                $this->mapping->keep(new StructureFields($fams), new FactRef(Owner::UnionPartner, $id), 'person');
            }
            $this->mapping->keep($inner, new FactRef(Owner::UnionPartner, $id), 'family');
        }
    }

    private function children(StructureFields $fields, string $family, string $unionId): void
    {
        $survey = $this->mapping->survey;
        foreach ($fields->takeAll(static fn (Structure $s): bool => $s->tag === 'CHIL') as $ordinal => $structure) {
            $child = $structure->payload;
            $childId = $survey->id($child, 'INDI');
            if ($childId === null || $survey->childOrdinal($family, $child) !== $ordinal) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $id = $survey->tie('C', $family, $child);
            if (! $survey->personTellsParents($family, $child)) {
                $this->mapping->add(
                    new ParentSetRow($id, $childId, $unionId, false, ParentageKind::Birth, TieSide::Family, -1, $ordinal, []));
                foreach (array_keys($survey->partners($family)) as $parent) {
                    $parentId = $survey->id($parent, 'INDI');
                    if ($parentId !== null) {
                        $this->mapping->add(new ParentageRow($this->mapping->newId(), $id, $parentId, ParentageKind::Birth));
                    }
                }
            }
            $this->mapping->keep(new StructureFields($structure), new FactRef(Owner::ParentSet, $id), 'family');
        }
    }
}
