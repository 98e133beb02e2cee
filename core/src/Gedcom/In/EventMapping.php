<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\EventKind;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Standing;

/** Events and attributes of a person or a family; NO of version 7 is one that did not happen. */
final readonly class EventMapping
{
    public function __construct(
        private MappingContext $mapping,
        private CitationMapping $citations,
        private RoleMapping $roles,
        private PictureMapping $pictures,
    ) {
    }

    public function map(StructureFields $owner, ?string $personId, ?string $unionId): void
    {
        $ofUnion = $unionId !== null;
        $events = $owner->takeAll(static fn (Structure $s): bool => ! $s->isPointer
            && self::kind($s, $ofUnion) !== null);
        foreach ($events as $ordinal => $structure) {
            $this->event($structure, $ordinal, $personId, $unionId);
        }
    }

    private function event(Structure $structure, int $ordinal, ?string $personId, ?string $unionId): void
    {
        $denied = self::denies($structure);
        $kind = self::kind($structure, $unionId !== null);
        if ($kind === null) {
            return;
        }
        $fields = new StructureFields($structure);
        $isRuledOut = self::isRuledOut($structure);
        $denied = $denied || ($isRuledOut && $fields->text('_NB_DENIED') !== '');
        $isAsserted = $denied || $isRuledOut || EventAssertion::isMade($structure, $kind);
        $value = $isRuledOut ? $fields->text('_NB_VALUE')
            : ($denied || in_array(strtoupper($structure->payload), ['Y', 'N'], true) && ! $kind->hasValue ? '' : $structure->payload);
        $type = $fields->text('TYPE');
        $date = $this->date($fields);
        $place = $fields->text('PLAC');
        $restriction = $fields->restriction();
        $toldStanding = $fields->standing();
        $standing = match (true) {
            $isRuledOut => Standing::RuledOut,
            $isAsserted || $toldStanding === Standing::Accepted => $toldStanding,
            default => Standing::Rival,
        };
        $written = $fields->written() + ($standing === Standing::Rival && $toldStanding !== Standing::Rival
            ? [EventAssertion::IMPLIED => [0, '']] : []);
        $id = $this->mapping->labelled(Owner::Event,
            $fields->takeOne(static fn (Structure $s): bool => CitationMapping::isNumber($s, '_NB_NUMBERED')));
        $owner = new FactRef(Owner::Event, $id);
        $this->mapping->add(
            new EventRow($id, $personId, $unionId, $kind->code, $type, $value, $date, $place, $denied, $ordinal,
                $isRuledOut ? array_diff_key($written, ['' => 1]) : $written, $standing, $restriction));
        $this->mapping->notes($fields, $owner);
        $this->citations->map($fields, $owner);
        $this->roles->map($fields, $id);
        $this->pictures->links($fields, $owner);
        $this->mapping->keep($fields, $owner);
        $this->mapping->counts['events']++;
    }

    /** NO of version 7, and the form in which we write it in 5.5.1, which has none. */
    private static function denies(Structure $structure): bool
    {
        return $structure->tag === 'NO' || $structure->tag === '_NB_NO';
    }

    /** Something that was ruled out: no program that does not know it may read it as true. */
    private static function isRuledOut(Structure $structure): bool
    {
        return $structure->tag === '_NB_RULED';
    }

    /** Under a person, NO may deny what only couples have: NO MARR is "never wed". */
    private static function kind(Structure $structure, bool $ofUnion): ?EventKind
    {
        return self::denies($structure) || self::isRuledOut($structure)
            ? EventKinds::forTag($structure->payload, $ofUnion) ?? EventKinds::forTag($structure->payload, ! $ofUnion)
            : EventKinds::forTag($structure->tag, $ofUnion);
    }

    private function date(StructureFields $fields): GenDate
    {
        $date = $fields->take('DATE');

        return $date === null
            ? GenDate::phrase('')
            : DateLines::read($date->payload(), $date->text('PHRASE'), $this->mapping->version);
    }
}
