<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

/** A picture set on a drawing at a distance from the upper left corner of somebody's box; width and height in units of the scene. */
final readonly class SetPicture
{
    public function __construct(
        public string $personId,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string $mediaId,
    ) {
    }
}
