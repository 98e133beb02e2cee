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
     * @param  array<string, string>  $tieIds  of the ties of its partners, by partner
     * @param  string  $surnameCustom  code of the family's own NamingCustom; empty is that of the tree
     */
    public function __construct(
        public string $id,
        public array $partnerIds,
        public array $events,
        public array $childIds,
        public array $tieIds = [],
        public string $surnameCustom = '',
    ) {
    }

    /**
     * The same couple, with other events or children told of it.
     *
     * @param  list<Event>  $events
     * @param  list<string>|null  $childIds  null for the same
     */
    public function telling(array $events, ?array $childIds = null): self
    {
        return new self($this->id, $this->partnerIds, $events, $childIds ?? $this->childIds, $this->tieIds, $this->surnameCustom);
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
