<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\Scene\Picture;

/** For drawings that have none. */
final readonly class NoPictures implements PictureSource
{
    public function address(Picture $picture): string
    {
        return '';
    }
}
