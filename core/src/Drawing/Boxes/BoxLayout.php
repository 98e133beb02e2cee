<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

/** Where the boxes of people and the lines between them stand. The upper left corner is 0, 0. */
final readonly class BoxLayout
{
    /**
     * @param  list<Box>  $boxes
     * @param  list<Line>  $lines
     */
    public function __construct(public string $title, public float $width, public float $height, public array $boxes, public array $lines)
    {
    }
}
