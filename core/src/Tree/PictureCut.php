<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A part of a page of a picture: left, top, width and height as shares of the page, from 0 to 1. */
final readonly class PictureCut
{
    public function __construct(
        public string $mediaId,
        public int $page = 0,
        public float $left = 0.0,
        public float $top = 0.0,
        public float $width = 1.0,
        public float $height = 1.0,
    ) {
    }
}
