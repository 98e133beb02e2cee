<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Part of a picture, as shares of the page's sides, and who or what is there. */
final readonly class PictureRegion
{
    public function __construct(
        public string $id,
        public int $page,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public ?string $personId,
        public string $words,
    ) {
    }
}
