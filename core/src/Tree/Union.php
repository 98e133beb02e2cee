<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A couple, or one parent with a partner unknown, or the bond of siblings whose parents are unknown. */
final readonly class Union
{
    /**
     * @param  list<string>  $partnerIds  none, one or two, in the order of their slots
     * @param  list<Event>  $events
     * @param  list<string>  $childIds  in the order in which they were put
     */
    public function __construct(
        public string $id,
        public array $partnerIds,
        public array $events,
        public array $childIds,
    ) {
    }

    public function marriage(): ?Event
    {
        return Event::leadingOf($this->events, 'marriage');
    }

    /** @return list<string> the partners of the one named */
    public function partnersOf(string $personId): array
    {
        return array_values(array_diff($this->partnerIds, [$personId]));
    }
}
