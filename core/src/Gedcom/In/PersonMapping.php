<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\ParentTags;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\TieSide;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\SlotTags;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** INDI: version 7, section 3.2, INDIVIDUAL_RECORD. */
final readonly class PersonMapping
{
    public function __construct(
        private MappingContext $mapping,
        private EventMapping $events,
        private CitationMapping $citations,
        private WorkMapping $work,
        private PictureMapping $pictures,
    ) {
    }

    public function map(Structure $record, string $id, int $number, int $ordinal): void
    {
        $fields = new StructureFields($record);
        RepeatedNotes::passOver($fields);
        $owner = new FactRef(Owner::Person, $id);
        $names = $fields->takeAll(static fn (Structure $s): bool => $s->tag === 'NAME' || $s->tag === '_NB_RULED_NAME');
        $sex = Sex::fromStandard($fields->text('SEX'));
        $restriction = $fields->restriction();
        $this->mapping->add(new PersonRow($id, $number, $sex, $ordinal, $fields->written(), restriction: $restriction));
        $this->mapping->named(Owner::Person, $id, $record->pointer);
        foreach ($names as $place => $name) {
            $this->name($name, $id, $place);
        }
        $this->events->map($fields, $id, null);
        $this->parents($fields, $record->pointer, $id, self::adoptedInto($record));
        $this->partnerships($fields, $record->pointer);
        $this->mapping->notes($fields, $owner);
        $this->citations->map($fields, $owner);
        $this->work->map($fields, $id);
        $this->pictures->links($fields, $owner);
        $this->mapping->keep($fields, $owner);
        $this->mapping->counts['people']++;
    }

    /**
     * The family that counts in charts: the first whose tie is neither challenged nor disproved.
     *
     * @param  array<int, Structure>  $links
     */
    private function leading(array $links): string
    {
        $known = array_filter($links, fn (Structure $s): bool => $this->mapping->survey->id($s->payload, 'FAM') !== null);
        foreach ($known as $link) {
            if (Standing::fromStandard($link->text('STAT'))->mayLead()) {
                return $link->payload;
            }
        }

        return '';
    }

    /** @return array<string, string> HUSB or WIFE where one of a family alone adopted, else BOTH */
    private static function adoptedInto(Structure $record): array
    {
        $families = [];
        foreach ($record->children as $event) {
            $family = $event->tag === 'ADOP' ? $event->first('FAMC') : null;
            if ($family !== null) {
                $who = strtoupper(trim($family->text('ADOP')));
                $families[$family->payload] = SlotTags::is($who) ? $who : 'BOTH';
            }
        }

        return $families;
    }

    private function name(Structure $structure, string $personId, int $ordinal): void
    {
        $fields = new StructureFields($structure);
        $parts = [];
        foreach (NameLines::PARTS as $tag) {
            $line = $structure->first($tag);
            $parts += $line === null || $line->isPointer ? [] : [$tag => $line->payload];
        }
        $read = NameLines::read($structure->payload, $parts);
        $name = $read->name;
        // A line that says another name stays among those that are kept, and is shown beside it.
        array_map($fields->text(...), $read->agreeing);
        $kind = NameKind::fromStandard($fields->text('TYPE'));
        $id = $this->mapping->newId();
        $isRuledOut = $structure->tag === '_NB_RULED_NAME';
        $this->mapping->add(
            new NameRow($id, $personId, $kind, $name, $ordinal, $fields->written(),
                $isRuledOut ? Standing::RuledOut : $fields->standing()));
        $owner = new FactRef(Owner::Name, $id);
        $this->mapping->notes($fields, $owner);
        $this->citations->map($fields, $owner);
        $this->mapping->keep($fields, $owner);
    }

    /** @param  array<string, string>  $adoptedInto  who of a family that an ADOP event names adopted */
    private function parents(StructureFields $fields, string $person, string $personId, array $adoptedInto): void
    {
        $survey = $this->mapping->survey;
        $seen = [];
        $links = $fields->takeAll(static fn (Structure $s): bool => $s->tag === 'FAMC');
        $leading = $this->leading($links);
        foreach ($links as $ordinal => $structure) {
            $family = $structure->payload;
            $unionId = $survey->id($family, 'FAM');
            if ($unionId === null || isset($seen[$family])) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $inner = new StructureFields($structure);
            $pedigree = $inner->take('PEDI');
            $adopting = $pedigree === null ? $adoptedInto[$family] ?? '' : '';
            $adopter = $adopting === '' || $adopting === 'BOTH' ? '' : $this->parentId($family, $adopting);
            $implied = match (true) {
                $adopting === '' => [],
                $adopter !== '' => [ParentTags::ONE_ADOPTED => [0, $adopter]],
                default => ['IMPLIED' => [0, ParentageKind::Adoptive->value]],
            };
            $kind = isset($implied['IMPLIED']) ? ParentageKind::Adoptive
                : ParentageKind::fromStandard($pedigree?->payload() ?? '', $pedigree?->text('PHRASE') ?? '');
            $stat = $inner->text('STAT');
            [$standing, $proof] = [Standing::fromStandard($stat), Proof::fromStandard($stat)];
            $childOrdinal = $survey->childOrdinal($family, $person);
            $side = $childOrdinal === -1 ? TieSide::Person : TieSide::Both;
            $id = $survey->tie('C', $family, $person);
            $this->mapping->add(
                new ParentSetRow($id, $personId, $unionId, $family === $leading, $kind, $side, $ordinal, $childOrdinal,
                    $inner->written() + $implied, $standing, $proof));
            $this->ofParents($inner, $family, $id, $kind, $standing, $proof, $adopter);
            $this->mapping->keep($inner, new FactRef(Owner::ParentSet, $id), 'person');
            $seen[$family] = true;
        }
    }

    /** As _NB_PARENT tells of each where it stands; else as the family record names them, all alike. */
    private function ofParents(
        StructureFields $link,
        string $family,
        string $setId,
        ParentageKind $kind,
        Standing $standing,
        Proof $proof,
        string $adopting,
    ): void {
        $isTold = static fn (Structure $s): bool => $s->tag === '_NB_PARENT';
        $lines = $link->takeAll($isTold);
        $understood = ParentTags::understood(array_values($lines), $this->mapping);
        foreach ($understood as $structure) {
            ParentTags::read($structure, $setId, $kind, $this->mapping, $this->citations);
        }
        if ($understood !== []) {
            return;
        }
        foreach ($lines as $ordinal => $line) {
            $link->giveBack($ordinal, $line);
        }
        foreach (array_keys($this->mapping->survey->partners($family)) as $parent) {
            $parentId = $this->mapping->survey->id($parent, 'INDI');
            if ($parentId !== null) {
                $this->mapping->add(
                    new ParentageRow($this->mapping->newId(), $setId, $parentId, $parentId === $adopting ? ParentageKind::Adoptive : $kind,
                        $standing, $proof));
            }
        }
    }

    /** @return string of the partner who stands in that place of a family; empty where nobody does */
    private function parentId(string $family, string $slot): string
    {
        foreach ($this->mapping->survey->partners($family) as $person => [$place]) {
            if ($place === $slot) {
                return (string) $this->mapping->survey->id((string) $person, 'INDI');
            }
        }

        return '';
    }

    private function partnerships(StructureFields $fields, string $person): void
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
            $inner = new StructureFields($structure);
            $id = $survey->tie('S', $family, $person);
            [$slot, $place] = $told ?? [SlotTags::FIRST, -1];
            $side = $told === null ? TieSide::Person : TieSide::Both;
            $this->mapping->add(
                new UnionPartnerRow($id, $unionId, $personId, SlotTags::slot($slot), $side, $place, $ordinal, $inner->written(),
                    $inner->standing()));
            $this->mapping->keep($inner, new FactRef(Owner::UnionPartner, $id), 'person');
            $seen[$family] = true;
        }
    }
}
