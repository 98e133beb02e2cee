<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Lifespans;

use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;

/**
 * When somebody lived, as Julian Day Numbers: from the first day on which they can have been born to the last on which
 * they can have died; between `bornBy` and `diedFrom`, or the day on which they are last seen, they lived for certain.
 * What is not told is null.
 */
final readonly class Span
{
    private function __construct(
        public Person $person,
        public bool $isSubject,
        public ?int $from,
        public ?int $bornBy,
        public ?int $diedFrom,
        public ?int $to,
        public ?int $seen,
    ) {
    }

    public static function of(Person $person, bool $isSubject): self
    {
        $birth = $person->vitals()->beginning()?->date->span();
        $death = $person->vitals()->end()?->date->span();

        return new self($person, $isSubject, $birth->earliest ?? $birth->latest ?? null, $birth->latest ?? $birth->earliest ?? null,
            $death->earliest ?? $death->latest ?? null, $death->latest ?? $death->earliest ?? null,
            self::seen($person));
    }

    /** The last day on which something is told of them that only the living have, or whoever was there. */
    private static function seen(Person $person): ?int
    {
        $days = [];
        foreach ($person->events as $event) {
            $counts = ! $event->denied && $event->standing !== Standing::RuledOut
                && ($event->is(EventTrait::OfTheLiving) || $event->is(EventTrait::Presence));
            $days[] = $counts ? $event->date->span()?->earliest : null;
        }
        $days = array_filter($days, static fn (?int $day): bool => $day !== null);

        return $days === [] ? null : max($days);
    }

    /** Whether anything is told of when they lived. */
    public function isDated(): bool
    {
        return $this->from !== null || $this->to !== null || $this->seen !== null;
    }

    /** The first day that is told of them; 0 where none is. */
    public function first(): int
    {
        return $this->from ?? $this->seen ?? $this->diedFrom ?? 0;
    }

    /** The last day that is told of them; 0 where none is. */
    public function last(): int
    {
        return $this->to ?? max($this->bornBy ?? 0, $this->seen ?? 0);
    }
}
