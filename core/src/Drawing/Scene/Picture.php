<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

use NorthBough\Core\Tree\PictureCut;

/** A picture in its place; x and y are its upper left corner. Whoever paints it finds the file. */
final readonly class Picture
{
    /** @param  string  $personId  beside whose box the hand set it; empty for one that belongs into a box */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public PictureCut $cut,
        public string $personId = '',
    ) {
    }
}
