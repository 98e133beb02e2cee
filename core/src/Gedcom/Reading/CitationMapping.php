<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\FactRef;
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
            $this->mapping->add(new ClaimRow($id, $record, $subject, $words, $quality, $ordinal, $fields->written()));
            $this->mapping->keep($fields, new FactRef(Owner::Claim, $id));
        }
    }
}
