<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\Classes;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\LineRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Writing\Lines;

/** SOUR under a fact: one claim taken over, on the record that its source and page make. */
final readonly class CitationMapping
{
    public function __construct(private Mapping $mapping)
    {
    }

    public function map(Fields $fact, FactRef $subject): void
    {
        $survey = $this->mapping->survey;
        $citations = $fact->takeAll(static fn (Structure $s): bool => $s->tag === 'SOUR' && $survey->id($s->payload, 'SOUR') !== null);
        foreach ($citations as $ordinal => $structure) {
            $fields = new Fields($structure);
            $told = $structure->first('DATA');
            $record = $this->mapping->record((string) $survey->id($structure->payload, 'SOUR'), $fields->text('PAGE'), $told === null ? '' : Lines::kept($told));
            $words = $fields->take('DATA')?->text('TEXT') ?? '';
            $quality = $fields->text('QUAY');
            $id = $this->mapping->newId();
            $line = $this->line($fields, (string) $survey->id($structure->payload, 'SOUR'), $structure, $record);
            $classed = array_values($fields->takeAll(EvidenceTags::areClasses(...)))[0] ?? null;
            $this->mapping->add(new ClaimRow($id, $record, $subject, $words, $quality, $ordinal, $fields->written(), $line, $classed === null ? new Classes : EvidenceTags::classes($classed)));
            $this->mapping->keep($fields, new FactRef(Owner::Claim, $id));
        }
    }

    /** _LINE with the number of the line that makes the claim, where the record is told with its roll; else it stays kept. */
    private function line(Fields $fields, string $sourceId, Structure $citation, string $recordId): ?LineRef
    {
        $lines = $this->mapping->survey->rollLines($sourceId, $citation->text('PAGE'));
        $said = $citation->first('_LINE');
        $isPlain = $said !== null && array_filter($said->children, static fn (Structure $s): bool => $s->tag !== '_ASPECT' || $s->children !== []) === [];
        $number = $said !== null && preg_match('/^\d{1,6}$/', $said->payload) === 1 ? (int) $said->payload : 0;
        if ($lines === null || ! $isPlain || $number < 1 || $number > $lines) {
            return null;
        }
        $fields->takeAll(static fn (Structure $s): bool => $s === $said);

        return new LineRef($this->mapping->lineId($recordId, $number), $number, mb_substr($said->text('_ASPECT'), 0, 40));
    }
}
