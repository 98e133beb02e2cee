<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

/** How far something speaks for two being one, as a logarithm of odds, and on what grounds. */
final readonly class MatchWeight
{
    /** What cannot be. */
    public const NEVER = -100.0;

    /** @param  list<string>  $grounds sentences that can be checked */
    public function __construct(public float $logOdds, public array $grounds)
    {
    }
}
