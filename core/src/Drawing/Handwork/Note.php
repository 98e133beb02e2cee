<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

/** Words set on a drawing, at a distance from the upper left corner of somebody's box, so that they stay beside them. */
final readonly class Note
{
    public function __construct(public string $personId, public float $x, public float $y, public string $words)
    {
    }
}
