<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

/** A line of kinship through its points. Dotted when unproved. */
final readonly class Line
{
    /** @param  non-empty-list<array{float, float}>  $points */
    public function __construct(public array $points, public bool $dotted, public string $fromId, public string $toId)
    {
    }
}
