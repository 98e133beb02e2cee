<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** A drawing laid out: where everything stands, apart from how it is set. Its upper left corner is 0, 0. */
final readonly class Scene
{
    /**
     * @param  list<Box>  $boxes
     * @param  list<Line>  $lines
     */
    public function __construct(public string $title, public float $width, public float $height, public array $boxes, public array $lines)
    {
    }
}
