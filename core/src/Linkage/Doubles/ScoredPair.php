<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** Two of a tree who may be one. */
final readonly class ScoredPair
{
    /**
     * @param  string  $a  the id that was told first
     * @param  float  $probability  from 0 to 1
     * @param  list<WorkingLine>  $working
     */
    public function __construct(public string $a, public string $b, public float $probability, public array $working)
    {
    }
}
