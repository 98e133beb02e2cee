<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A couple, or one parent with a partner unknown, or the bond of siblings whose parents are unknown. */
final readonly class Union
{
    /**
     * @param  list<string>  $partnerIds  none, one or two, in the order of their slots; nobody who was ruled out
     * @param  list<Event>  $events
     * @param  list<string>  $childIds  in the order in which they were put
     * @param  array<string, string>  $tieIds  of the ties of its partners, by partner, those who were ruled out among them
     * @param  string  $surnameCustom  code of the family's own NamingCustom; empty is that of the tree
     * @param  array<string, Standing>  $standings  of the ties of its partners, by partner; one who is missing was not weighed
     * @param  array<string, list<string>>  $disproved  who was ruled out as a parent, by child
     */
    public function __construct(
        public string $id,
        public array $partnerIds,
        public array $events,
        public array $childIds,
        public array $tieIds = [],
        public string $surnameCustom = '',
        public array $standings = [],
        public array $disproved = [],
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
        return new self($this->id, $this->partnerIds, $events, $childIds ?? $this->childIds, $this->tieIds, $this->surnameCustom,
            $this->standings, $this->disproved);
    }

    public function marriage(): ?Event
    {
        return Event::leadingOf($this->events, 'marriage');
    }

    /**
     * By the day of the wedding, where each of them has one; else as they were put.
     *
     * @param  list<self>  $unions
     * @return list<self>
     */
    public static function asLived(array $unions): array
    {
        $days = array_map(static fn (self $union): ?int => $union->marriage()?->date->span()?->earliest, $unions);
        if (! in_array(null, $days, true)) {
            array_multisort($days, array_keys($unions), $unions);
        }

        return $unions;
    }

    /** Whether the couple is one that somebody only says. */
    public function isUnproved(): bool
    {
        return in_array(Standing::Rival, $this->standings, true);
    }

    /** @return list<string> who was ruled out as a partner, and stays so that nobody finds them again */
    public function ruledOutIds(): array
    {
        return array_map(strval(...), array_keys($this->standings, Standing::RuledOut, true));
    }

    /** @return list<string> the children whose parent the one named was not ruled out to be */
    public function childrenOf(string $personId): array
    {
        return $this->disproved === [] ? $this->childIds
            : array_values(
                array_filter($this->childIds, fn (string $childId): bool => ! in_array($personId, $this->disproved[$childId] ?? [], true)));
    }

    /** @return list<string> the partners, but for whom was ruled out as a parent of the child */
    public function parentsOf(string $childId): array
    {
        return array_values(array_diff($this->partnerIds, $this->disproved[$childId] ?? []));
    }

    /** @return list<string> the partners of the one named */
    public function partnersOf(string $personId): array
    {
        return array_values(array_diff($this->partnerIds, [$personId]));
    }
}
