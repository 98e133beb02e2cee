<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/**
 * Two partners, or one whose partner is not known, or the bond of siblings; it stays as long as events are told of it,
 * whoever is tied by it.
 */
final readonly class Couple implements FamilyTie
{
    /** @param  int  $events  how many are told of it */
    public function __construct(public string $id, public int $events = 0, public bool $isOrderedByHand = false)
    {
    }

    public function key(): string
    {
        return $this->id;
    }

    public function isTold(): bool
    {
        return $this->events > 0;
    }

    public function orderedByHand(): self
    {
        return new self($this->id, $this->events, true);
    }
}
