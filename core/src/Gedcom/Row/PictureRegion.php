<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** Part of a picture, as shares of the page's sides, and who or what is there. */
final readonly class PictureRegion implements Described
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        public int $page,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        #[Field(isSafe: true)] public ?string $personId,
        public string $words,
    ) {
    }
}
