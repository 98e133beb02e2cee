<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\In\EventAssertion;
use NorthBough\Core\Gedcom\RoleWords;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Restriction;
use NorthBough\Core\Tree\Standing;

/** Events and attributes with their dates, places and roles (version 7, INDIVIDUAL_EVENT_STRUCTURE and FAMILY_EVENT_STRUCTURE). */
final readonly class EventWriter
{
    public function __construct(private RowStructures $structures, private CitationWriter $citations)
    {
    }

    public function event(EventRow $row, AttachedRows $attached): Structure
    {
        $tag = EventKinds::named($row->kind)->tag;
        $date = DateText::of($row->date, $this->structures->version);
        $asRead = $row->written[''][1] ?? null;
        $payload = $row->value !== '' ? $row->value : $this->assertion($row, $asRead);
        $isRuledOut = $row->standing === Standing::RuledOut;
        $builder = $isRuledOut ? $this->ruledOut($row, $tag, $payload, $attached) : ($row->denied
            ? $this->structures->builder($this->structures->version === Version::V7 ? 'NO' : '_NB_NO', $tag, $row->written, $row->id,
                $attached)
            : $this->structures->builder($tag, $payload, $row->written, $row->id, $attached));
        $phraseAsRead = $row->written['DATE/PHRASE'][1] ?? '';
        $same = fn (string $words): bool => DateText::same($row->date, $words, $phraseAsRead, $this->structures->version);
        $unchanged = isset($row->written['DATE']) && $same($row->written['DATE'][1]);
        $builder->field('TYPE', $row->typeWords);
        if ($unchanged || ! $row->date->isEmpty()) {
            $date->payload === '' && $date->phrase !== '' && ! $unchanged
                ? $builder->child($row->written['DATE'][0] ?? -1, (new Structure('DATE'))->add(new Structure('PHRASE', $date->phrase)))
                : $builder->field('DATE', $date->payload, $same,
                    static function (StructureBuilder $line) use ($unchanged, $row, $date): void {
                        if (! $unchanged || isset($row->written['DATE/PHRASE'])) {
                            $line->field('PHRASE', $date->phrase, static fn (): bool => $unchanged);
                        }
                    });
        }
        $builder->field('PLAC', $row->place);
        $this->restriction($builder, $row->restriction);
        foreach ($attached->roles[$row->id] ?? [] as $role) {
            $builder->child($role->ordinal, $this->role($role, $attached));
        }

        $builder->field('_NB_NUMBERED', $this->structures->pointers->label($row->id));

        return EvidenceTags::standing($this->citations->attach($builder, $row->id, $attached)->build(),
            isset($row->written[EventAssertion::IMPLIED]) && $row->standing === Standing::Rival ? Standing::Unweighed : $row->standing);
    }

    /** RESN, in the words of the file while they mean the same. */
    public function restriction(StructureBuilder $builder, string $restriction): void
    {
        $builder->field('RESN', $this->structures->version === Version::V7 ? strtoupper($restriction) : $restriction,
            static fn (string $words): bool => Restriction::fromStandard($words)->words() === $restriction);
    }

    /** Y where nothing else says that it happened; what a file had in its place while that still holds. */
    private function assertion(EventRow $row, ?string $asRead): string
    {
        $isUnasserted = isset($row->written[EventAssertion::IMPLIED]);
        $isBare = $row->date->isEmpty() && $row->place === '';

        return match (true) {
            $isUnasserted && $row->standing === Standing::Rival, in_array(strtoupper($asRead ?? ''), ['Y'], true) => (string) $asRead,
            $isBare && ($isUnasserted || $asRead === null) => 'Y',
            default => '',
        };
    }

    /** Under a tag of our own, so that no other program reads it as true. */
    private function ruledOut(EventRow $row, string $tag, string $payload, AttachedRows $attached): StructureBuilder
    {
        $builder = $this->structures->builder('_NB_RULED', $tag, $row->written, $row->id, $attached)
            ->field('_NB_VALUE', $row->value !== '' ? $payload : '');

        return $row->denied ? $builder->field('_NB_DENIED', 'Y') : $builder;
    }

    /** ASSO with its ROLE; in 5.5.1, which has none under events, our extension with the older RELA. */
    private function role(RoleRow $row, AttachedRows $attached): Structure
    {
        $phraseAsRead = $row->written['ROLE/PHRASE'][1] ?? '';
        $standard = RoleWords::standard($row->role);
        $builder = ($this->structures->version === Version::V551 && $row->personId === null
            ? $this->structures->builder('_NB_ASSO', '', $row->written, $row->id, $attached)
            : $this->structures->pointing($this->structures->version === Version::V7 ? 'ASSO' : '_NB_ASSO', $row->personId ?? '',
                $row->written, $row->id, $attached, ''))->field('PHRASE', $row->words);

        return $this->structures->version === Version::V551
            ? $builder->field('RELA', $row->role)->build()
            : $builder->field('ROLE', $standard,
                static fn (string $words): bool => RoleWords::fromStandard($words, $phraseAsRead) === $row->role,
                static function (StructureBuilder $line) use ($standard, $row): void {
                    if ($standard === 'OTHER' && ($row->role !== 'other' || isset($row->written['ROLE/PHRASE']))) {
                        $line->field('PHRASE', $row->role);
                    }
                })->build();
    }
}
