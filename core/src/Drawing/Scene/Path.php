<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** A stroke through its points: a line of kinship. */
final readonly class Path
{
    /**
     * @param  non-empty-list<array{float, float}>  $points  x and y of each
     * @param  list<string>  $personIds  whom it joins: the child, then the parent
     */
    public function __construct(public array $points, public StrokeStyle $style, public array $personIds)
    {
    }
}
