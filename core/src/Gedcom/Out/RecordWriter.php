<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\RecordTags;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\RollRecord;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Kinds and records under a source: the other way round from In/RecordMapping. */
final readonly class RecordWriter
{
    public function __construct(private Version $version, private Pointers $pointers)
    {
    }

    public function write(StructureBuilder $source, SourceRow $row, AttachedRows $attached): void
    {
        $kind = $this->kind($row->kind, $row->ownKindId, $attached);
        if ($kind !== null) {
            $source->child(-1, $kind);
        }
        $fields = new Structure('');
        RecordTags::addFields($fields, $row->fields);
        foreach ($fields->children as $field) {
            $source->child(-1, $field);
        }
        if ($row->listName !== '') {
            $source->child(-1, new Structure('_NB_LISTED', $row->listName));
        }
        foreach ($attached->rolls[$row->id] ?? [] as $record) {
            $source->child(-1, $this->record($record, $attached));
        }
    }

    private function record(RollRecord $roll, AttachedRows $attached): Structure
    {
        $head = $roll->head;
        $record = new Structure('_NB_RECORD', $roll->record->locator);
        $kind = $this->kind($head->kind, $head->ownKindId, $attached);
        $date = DateText::of($head->date, $this->version);
        $when = $date->payload.$date->phrase === '' ? null : new Structure('DATE', $date->payload);
        if ($when !== null && $date->phrase !== '') {
            $when->add(new Structure('PHRASE', $date->phrase));
        }
        foreach ([$kind, $when] as $line) {
            if ($line !== null) {
                $record->add($line);
            }
        }
        $texts = ['PLAC' => $head->place, 'TEXT' => $head->transcription,
            '_NB_CLASS' => $head->sourceClass === 'unstated' ? '' : $head->sourceClass,
            '_NB_FILENO' => $head->fileNumber, '_NB_COUNT' => $head->toldCount === null ? '' : (string) $head->toldCount];
        EvidenceTags::with($record, $texts);
        RecordTags::addFields($record, $head->fields);
        foreach ($roll->images as $image) {
            EvidenceTags::with($picture = new Structure('_NB_IMAGE'),
                ['FILE' => $image->path, 'FORM' => $image->type, 'TITL' => $image->title]);
            $record->add($picture);
        }
        $numbers = array_flip(array_column($roll->images, 'id'));
        foreach ($roll->lines as $line) {
            $record->add($this->line($line, $roll, $numbers));
        }

        return $record;
    }

    /** @param  array<string, int>  $images numbers of the record's pictures, from 0, by id */
    private function line(RollLineRow $row, RollRecord $roll, array $images): Structure
    {
        $line = new Structure('_NB_LINE', $row->name);
        EvidenceTags::with($line, ['_NB_AS' => $row->role]);
        RecordTags::addFields($line, $row->columns);
        if ($row->slip !== null && isset($images[$row->slip['image']])) {
            $line->add(new Structure('_NB_SLIP', implode(' ', [$images[$row->slip['image']] + 1, $row->slip['page'] + 1,
                ...array_map(static fn (string $side): string => sprintf('%.6F', $row->slip[$side]),
                    ['left', 'top', 'width', 'height'])])));
        }
        foreach ($roll->placings[$row->id] ?? [] as $placing) {
            if ($placing->personId === null) {
                $line->add(new Structure('_NB_ASIDE', $placing->reason));

                continue;
            }
            $placed = Structure::pointing('_NB_PLACED', $this->pointers->of($placing->personId));
            EvidenceTags::with($placed,
                ['_NB_STATE' => $placing->state === 'placed' ? '' : $placing->state, '_NB_REASON' => $placing->reason,
                    '_NB_BY' => $this->pointers->label($placing->decidedBy)]);
            $line->add($placed);
        }

        return $line;
    }

    private function kind(string $code, ?string $ownKindId, AttachedRows $attached): ?Structure
    {
        $own = $ownKindId === null ? null : $attached->kinds[$ownKindId] ?? null;

        return match (true) {
            $own instanceof OwnKindRow => (new Structure('_NB_KIND', $own->name))->add(new Structure('_NB_TEMPLATE', $own->template)),
            $code !== '' => new Structure('_NB_KIND', $code),
            default => null,
        };
    }
}
