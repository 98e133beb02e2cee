<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

/** One step of the reasoning behind a bound: of whom, which day follows, and from what. */
final readonly class InferenceStep
{
    /**
     * @param  string  $eventId  of the fact that says it; empty where it follows from the step before
     * @param  int  $day  as a Julian Day Number
     */
    public function __construct(public string $personId, public bool $isBirth, public int $day, public string $says, public string $eventId)
    {
    }
}
