<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\PictureTags;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Pictures and the links to them: the other way round from In/PictureMapping. */
final readonly class PictureWriter
{
    /** @param  \Closure(string): Structure  $restore  kept lines as a structure */
    public function __construct(private Version $version, private Pointers $pointers, private \Closure $restore)
    {
    }

    public function record(PictureRow $row): Structure
    {
        $record = new Structure('OBJE', '', $this->pointers->of($row->id));
        $file = new Structure('FILE', $row->path);
        $form = new Structure('FORM', $row->form !== '' ? $row->form : $this->form($row));
        if ($row->medium !== '') {
            $form->add($this->version === Version::V7 ? new Structure('MEDI', strtoupper($row->medium))
                : new Structure('TYPE', strtolower($row->medium)));
        }
        $file->add($form);
        if ($row->title !== '') {
            $file->add(new Structure('TITL', $row->title));
        }
        $this->keep($file, $row->fileKept);
        $record->add($file);
        foreach ($row->regions as $region) {
            $part = new Structure('_NB_REGION',
                PictureTags::inWords(
                    ['page' => $region->page, 'left' => $region->left, 'top' => $region->top, 'width' => $region->width,
                        'height' => $region->height]));
            if ($region->personId !== null) {
                $part->add(Structure::pointing('_NB_WHO', $this->pointers->of($region->personId)));
            }
            if ($region->words !== '') {
                $part->add(new Structure('_NB_SAYS', $region->words));
            }
            $record->add($part);
        }
        $this->keep($record, PictureTags::restricted($row->kept, $row->restriction, $this->version), $row->fileOrdinal);

        return $record;
    }

    public function link(PictureLinkRow $row): Structure
    {
        $link = Structure::pointing('OBJE', $this->pointers->of($row->pictureId));
        if ($row->isMain) {
            $link->add(new Structure('_NB_MAIN', 'Y'));
        }
        if ($row->cut !== null) {
            $link->add(new Structure('_NB_CUT', PictureTags::inWords($row->cut)));
        }
        $this->keep($link, $row->kept);

        return $link;
    }

    /**
     * Puts what was kept back where it stood; what is ours fills the places between.
     *
     * @param  list<array{int, string}>  $kept
     * @param  int  $first  the place of the first line that is ours
     */
    private function keep(Structure $line, array $kept, int $first = 0): void
    {
        $before = count(array_filter($kept, static fn (array $keptLines): bool => $keptLines[0] < $first));
        foreach ($kept as $at => [$ordinal, $lines]) {
            array_splice($line->children, $at < $before ? $at : $ordinal, 0, [($this->restore)($lines)]);
        }
    }

    /** A media type in version 7, the ending of a file in 5.5.1. */
    private function form(PictureRow $row): string
    {
        return $this->version === Version::V7 ? $row->type : pathinfo($row->path, PATHINFO_EXTENSION);
    }
}
