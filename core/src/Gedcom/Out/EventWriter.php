<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Edition\LineRewriting;
use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\In\EventAssertion;
use NorthBough\Core\Gedcom\In\NameLines;
use NorthBough\Core\Gedcom\RoleWords;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Restriction;
use NorthBough\Core\Tree\Standing;

/** Names, events, and what hangs on any fact: notes and citations. */
final readonly class EventWriter
{
    /** @param  \Closure(string): Structure  $restore kept lines as a structure */
    public function __construct(private Version $version, private Pointers $pointers, private \Closure $restore)
    {
    }

    /** @param  array<string, array{int, string}>  $written */
    public function builder(string $tag, string $payload, array $written, string $id, AttachedRows $attached, string $pointer = ''): StructureBuilder
    {
        return new StructureBuilder($tag, $payload, $written, $attached->kept[$id] ?? [], $this->restore, '', $pointer);
    }

    /** @param  array<string, array{int, string}>  $written */
    public function pointing(string $tag, string $to, array $written, string $id, AttachedRows $attached, string $path): StructureBuilder
    {
        return new StructureBuilder($tag, $this->pointers->of($to), $written, $attached->kept[$id] ?? [], $this->restore, $path, isPointer: true);
    }

    /** What was kept beneath a line that is not written itself any more. */
    public function beneath(string $tag, string $id, AttachedRows $attached, string $path): Structure
    {
        return (new StructureBuilder($tag, '', [], $attached->kept[$id] ?? [], $this->restore, $path))->build();
    }

    public function name(NameRow $row, AttachedRows $attached): Structure
    {
        $written = $row->written;
        $asRead = $written[''][1] ?? null;
        $unchanged = $asRead !== null && $this->isSame($row, $asRead);
        $payload = $unchanged ? $asRead : $row->name->withSlashes();
        $isNew = $written === [];
        // What was ruled out is no NAME that another program would read as true.
        $builder = $this->builder($row->standing === Standing::RuledOut ? '_NB_RULED_NAME' : 'NAME', $payload, $written, $row->id, $attached)
            ->field('TYPE', $row->kind->standard(), static fn (string $words): bool => NameKind::fromStandard($words) === $row->kind);
        $parts = ['NPFX' => $row->name->title, 'GIVN' => $row->name->given, 'NICK' => $row->name->nickname,
            'SPFX' => $row->name->surnamePrefix, 'SURN' => $row->name->surname, 'NSFX' => $row->name->suffix];
        foreach ($parts as $tag => $part) {
            if ($isNew || isset($written[$tag]) || ($tag === 'NICK' && $part !== '' && PersonalName::parse($payload)->nickname !== $part)) {
                $builder->field($tag, $part, static fn (string $words): bool => $unchanged || trim($words) === $part);
            }
        }

        $builder->children(EvidenceTags::standing(new Structure(''), $row->standing));

        return $this->attach($builder, $row->id, $attached)->build();
    }

    public function event(EventRow $row, AttachedRows $attached): Structure
    {
        $tag = EventKinds::named($row->kind)->tag;
        $date = DateText::of($row->date, $this->version);
        $asRead = $row->written[''][1] ?? null;
        $payload = $row->value !== '' ? $row->value : $this->assertion($row, $asRead);
        $isRuledOut = $row->standing === Standing::RuledOut;
        $builder = $isRuledOut ? $this->ruledOut($row, $tag, $payload, $attached) : ($row->denied
            ? $this->builder($this->version === Version::V7 ? 'NO' : '_NB_NO', $tag, $row->written, $row->id, $attached)
            : $this->builder($tag, $payload, $row->written, $row->id, $attached));
        $phraseAsRead = $row->written['DATE/PHRASE'][1] ?? '';
        $same = fn (string $words): bool => DateText::same($row->date, $words, $phraseAsRead, $this->version);
        $unchanged = isset($row->written['DATE']) && $same($row->written['DATE'][1]);
        $builder->field('TYPE', $row->typeWords);
        if ($unchanged || ! $row->date->isEmpty()) {
            $date->payload === '' && $date->phrase !== '' && ! $unchanged
                ? $builder->child($row->written['DATE'][0] ?? -1, (new Structure('DATE'))->add(new Structure('PHRASE', $date->phrase)))
                : $builder->field('DATE', $date->payload, $same, static function (StructureBuilder $line) use ($unchanged, $row, $date): void {
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

        return EvidenceTags::standing($this->attach($builder, $row->id, $attached)->build(), isset($row->written[EventAssertion::IMPLIED]) && $row->standing === Standing::Rival ? Standing::Unweighed : $row->standing);
    }

    /** RESN, in the words of the file while they mean the same. */
    public function restriction(StructureBuilder $builder, string $restriction): void
    {
        $builder->field('RESN', $this->version === Version::V7 ? strtoupper($restriction) : $restriction, static fn (string $words): bool => Restriction::fromStandard($words)->words() === $restriction);
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
        $builder = $this->builder('_NB_RULED', $tag, $row->written, $row->id, $attached)->field('_NB_VALUE', $row->value !== '' ? $payload : '');

        return $row->denied ? $builder->field('_NB_DENIED', 'Y') : $builder;
    }

    /** ASSO with its ROLE; in 5.5.1, which has none under events, our extension with the older RELA. */
    private function role(RoleRow $row, AttachedRows $attached): Structure
    {
        $phraseAsRead = $row->written['ROLE/PHRASE'][1] ?? '';
        $standard = RoleWords::standard($row->role);
        $builder = ($this->version === Version::V551 && $row->personId === null
            ? $this->builder('_NB_ASSO', '', $row->written, $row->id, $attached)
            : $this->pointing($this->version === Version::V7 ? 'ASSO' : '_NB_ASSO', $row->personId ?? '', $row->written, $row->id, $attached, ''))->field('PHRASE', $row->words);

        return $this->version === Version::V551
            ? $builder->field('RELA', $row->role)->build()
            : $builder->field('ROLE', $standard, static fn (string $words): bool => RoleWords::fromStandard($words, $phraseAsRead) === $row->role,
                static function (StructureBuilder $line) use ($standard, $row): void {
                    if ($standard === 'OTHER' && ($row->role !== 'other' || isset($row->written['ROLE/PHRASE']))) {
                        $line->field('PHRASE', $row->role);
                    }
                })->build();
    }

    /** Adds the notes, pictures and citations of a row. */
    public function attach(StructureBuilder $builder, string $id, AttachedRows $attached): StructureBuilder
    {
        foreach ($attached->notes[$id] ?? [] as $note) {
            $builder->child($note->ordinal, $this->builder('NOTE', $note->text, $note->written, $note->id, $attached)
                ->field('_NB_RESEARCH', $note->isResearch ? 'Y' : '', static fn (string $words): bool => $note->isResearch && $words !== '')->build());
        }
        foreach ($attached->pictures[$id] ?? [] as $picture) {
            $builder->child($picture->ordinal, (new PictureWriter($this->version, $this->pointers, $this->restore))->link($picture));
        }
        foreach ($attached->claims[$id] ?? [] as $claim) {
            $builder->child($claim->ordinal, $this->citation($claim, $attached));
        }

        return $builder;
    }

    /** SOUR with where it stands in the record, its words, and how it was classed. */
    public function citation(ClaimRow $claim, AttachedRows $attached): Structure
    {
        $record = $attached->records[$claim->recordId];
        $citation = $this->pointing('SOUR', $record->sourceId, $claim->written, $claim->id, $attached, '')
            ->field('PAGE', $record->locator)
            ->field('DATA', '', static fn (): bool => true, static function (StructureBuilder $line) use ($claim): void {
                $line->field('TEXT', $claim->words);
            });
        if ($claim->words !== '' && ! isset($claim->written['DATA'])) {
            $citation->child(-1, (new Structure('DATA'))->add(new Structure('TEXT', $claim->words)));
        }
        $citation->field('QUAY', $claim->quality);
        if ($claim->line !== null) {
            $citation->child(-1, EvidenceTags::ofLine($claim->line));
        }
        if ($claim->classes->areSaid()) {
            $citation->child(-1, EvidenceTags::classed($claim->classes));
            if ($this->version === Version::V551) {
                $citation->child(-1, ReadableNotes::classes($claim->classes));
            }
        }

        $written = $citation->children(EvidenceTags::with(new Structure(''), ['_NB_STANCE' => $claim->stance, '_NB_EVIDENCE' => $claim->evidence, '_NB_NUMBERED' => $this->pointers->label($claim->id),
            '_NB_FROM' => $this->pointers->label($claim->derivedFromId)]))->build();

        // Of a source that is no record: 5.5.1 has the words in its place.
        return $this->version === Version::V551 && $written->payload === '@VOID@' ? (new LineRewriting($this->version))->rewritten('fact', $written) : $written;
    }

    private function isSame(NameRow $row, string $payload): bool
    {
        $parts = array_map(static fn (array $line): string => $line[1], array_intersect_key($row->written, array_flip(NameLines::PARTS)));

        return NameLines::read($payload, $parts)->name->equals($row->name);
    }
}
