<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\Scene\Picture;

/** Where a drawing that leaves as a file has its pictures from. */
interface PictureSource
{
    /** @return string the picture as an address that needs nothing else, `data:image/jpeg;base64,…`; empty where it may not be seen */
    public function address(Picture $picture): string;
}
