<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

/** Somebody whom a line may be, with the odds and the reasons. */
final readonly class MatchOffer
{
    /**
     * @param  float  $odds  from 0 to 1, given whom the other lines are taken for
     * @param  list<string>  $grounds
     */
    public function __construct(public string $personId, public float $odds, public array $grounds)
    {
    }
}
