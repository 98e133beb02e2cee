<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Edition\LineRewriting;
use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** What hangs on a row of any kind: its notes, pictures and citations (version 7, SOURCE_CITATION). */
final readonly class CitationWriter
{
    public function __construct(private RowStructures $structures)
    {
    }

    /** Adds the notes, pictures and citations of a row. */
    public function attach(StructureBuilder $builder, string $id, AttachedRows $attached): StructureBuilder
    {
        foreach ($attached->notes[$id] ?? [] as $note) {
            $builder->child($note->ordinal, $this->structures->builder('NOTE', $note->text, $note->written, $note->id, $attached)
                ->field('_NB_RESEARCH', $note->isResearch ? 'Y' : '', static fn (string $words): bool => $note->isResearch && $words !== '')
                ->build());
        }
        foreach ($attached->pictures[$id] ?? [] as $picture) {
            $builder->child($picture->ordinal,
                (new PictureWriter($this->structures->version, $this->structures->pointers, $this->structures->restore))->link($picture));
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
        $citation = $this->structures->pointing('SOUR', $record->sourceId, $claim->written, $claim->id, $attached, '')
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
            if ($this->structures->version === Version::V551) {
                $citation->child(-1, ReadableNotes::classes($claim->classes));
            }
        }

        $written = $citation->children(
            EvidenceTags::with(new Structure(''),
                ['_NB_STANCE' => $claim->stance, '_NB_EVIDENCE' => $claim->evidence,
                    '_NB_NUMBERED' => $this->structures->pointers->label($claim->id),
                    '_NB_FROM' => $this->structures->pointers->label($claim->derivedFromId)]))->build();

        // Of a source that is no record: 5.5.1 has the words in its place.
        return $this->structures->version === Version::V551 && $written->payload === '@VOID@'
            ? (new LineRewriting($this->structures->version))->rewritten('fact', $written) : $written;
    }
}
