<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

/** Where a line of a drawing stops: how many come next, who are not drawn, and why not. */
final readonly class Stop
{
    public function __construct(public string $personId, public Toward $toward, public int $count, public StopReason $why)
    {
    }

    /** "2 parents not drawn" */
    public function words(): string
    {
        return "{$this->toward->counted($this->count)} {$this->why->words()}";
    }
}
