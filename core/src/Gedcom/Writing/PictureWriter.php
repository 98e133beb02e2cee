<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Writing;

use NorthBough\Core\Gedcom\PictureTags;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Pictures and the links to them: the other way round from Reading/PictureMapping. */
final readonly class PictureWriter
{
    public function __construct(private Version $version, private Pointers $pointers)
    {
    }

    public function record(PictureRow $row): Structure
    {
        $record = new Structure('OBJE', '', $this->pointers->of($row->id));
        $file = new Structure('FILE', $row->path);
        $form = new Structure('FORM', $row->form !== '' ? $row->form : $this->form($row));
        if ($row->medium !== '') {
            $form->add($this->version === Version::V7 ? new Structure('MEDI', strtoupper($row->medium)) : new Structure('TYPE', strtolower($row->medium)));
        }
        $file->add($form);
        if ($row->title !== '') {
            $file->add(new Structure('TITL', $row->title));
        }
        $record->add($file);
        foreach ($row->regions as $region) {
            $part = new Structure('_REGION', PictureTags::inWords(['page' => $region->page, 'left' => $region->left, 'top' => $region->top, 'width' => $region->width, 'height' => $region->height]));
            if ($region->personId !== null) {
                $part->add(Structure::pointing('_WHO', $this->pointers->of($region->personId)));
            }
            if ($region->words !== '') {
                $part->add(new Structure('_SAYS', $region->words));
            }
            $record->add($part);
        }

        return $record;
    }

    public function link(PictureLinkRow $row): Structure
    {
        $link = Structure::pointing('OBJE', $this->pointers->of($row->pictureId));
        if ($row->isMain) {
            $link->add(new Structure('_MAIN', 'Y'));
        }
        if ($row->cut !== null) {
            $link->add(new Structure('_CUT', PictureTags::inWords($row->cut)));
        }

        return $link;
    }

    /** A media type in version 7, the ending of a file in 5.5.1. */
    private function form(PictureRow $row): string
    {
        return $this->version === Version::V7 ? $row->type : pathinfo($row->path, PATHINFO_EXTENSION);
    }
}
