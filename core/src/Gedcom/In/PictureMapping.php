<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\PictureTags;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRegion;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Structure;

/** OBJE: version 7, section 3.2, MULTIMEDIA_RECORD, and MULTIMEDIA_LINK under people, couples and their events. */
final readonly class PictureMapping
{
    public function __construct(private MappingContext $mapping, private PictureSurvey $survey)
    {
    }

    /** @return bool whether the record was taken */
    public function record(Structure $record): bool
    {
        $id = $this->survey->id($record->pointer);
        $file = $this->survey->file($record);
        if ($id === null || $file === null) {
            return false;
        }
        $regions = [];
        foreach ($record->children as $child) {
            $part = PictureTags::isRegion($child) ? PictureTags::part($child->payload) : null;
            if ($part !== null) {
                $who = $child->first('_NB_WHO');
                $regions[] = new PictureRegion($this->mapping->newId(), $part['page'], $part['left'], $part['top'], $part['width'],
                    $part['height'],
                    $who === null ? null : $this->mapping->survey->id($who->payload, 'INDI'), $child->text('_NB_SAYS'));
            }
        }
        $form = $file->first('FORM');
        $titles = array_filter($file->children, static fn (Structure $s): bool => $s->tag === 'TITL');
        $title = reset($titles);
        $this->mapping->add(
            new PictureRow($id, $file->payload, '',
                $title !== false && $title->children === [] && ! $title->isPointer ? $title->payload : '', $form->payload ?? '',
                $form?->text('MEDI') ?: $form?->text('TYPE') ?? '', $regions, [], $record->pointer,
                $kept = PictureTags::keptOfRecord($record, $file), PictureTags::keptOfFile($file),
                (int) array_search($file, $record->children, true), PictureTags::restriction($kept)));
        $this->mapping->counts['media']++;

        return true;
    }

    public function links(StructureFields $fields, FactRef $owner): void
    {
        foreach ($fields->takeAll(fn (Structure $s): bool => PictureTags::isLink($s)
            && $this->survey->id($s->payload) !== null) as $ordinal => $link) {
            $this->mapping->add(
                new PictureLinkRow($this->mapping->newId(), $owner, (string) $this->survey->id($link->payload),
                    $link->text('_NB_MAIN') !== '', PictureTags::part($link->text('_NB_CUT')), $ordinal, PictureTags::keptOfLink($link)));
        }
    }
}
