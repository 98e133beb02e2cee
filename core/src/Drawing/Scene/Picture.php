<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** A picture in its place; x and y are its upper left corner, the file is whoever paints it to find. */
final readonly class Picture
{
    public function __construct(public float $x, public float $y, public float $width, public float $height, public string $mediaId)
    {
    }
}
