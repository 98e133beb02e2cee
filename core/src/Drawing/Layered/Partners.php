<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** The order in which people who were couples stand beside each other in their layer. */
final class Partners
{
    /** @var array<int, true> */
    private array $placed = [];

    /** @param  list<int>  $groups  by person */
    private function __construct(private readonly KinGraph $graph, private readonly array $groups, private readonly PartnerOrder $order)
    {
    }

    /**
     * @param  list<int>  $groups  by person
     * @return array<int, list<int>> the people of each group, from the left
     */
    public static function beside(KinGraph $graph, array $groups, PartnerOrder $order): array
    {
        $members = [];
        foreach ($groups as $person => $group) {
            $members[$group][] = $person;
        }
        $partners = new self($graph, $groups, $order);

        return array_map($partners->line(...), $members);
    }

    /**
     * @param  non-empty-list<int>  $members
     * @return list<int>
     */
    private function line(array $members): array
    {
        $line = [];
        foreach ($members as $_) {
            $left = array_values(array_filter($members, fn (int $person): bool => ! isset($this->placed[$person])));
            if ($left !== []) {
                array_push($line, ...$this->around($this->first($left)));
            }
        }

        return $line;
    }

    /** @param  non-empty-list<int>  $members */
    private function first(array $members): int
    {
        if (count($members) === 2 && $this->order === PartnerOrder::Around) {
            // The mother last, as a couple is read.
            foreach ($members as $person) {
                foreach ($this->graph->couplesOf[$person] as $household) {
                    if (count($this->graph->partners[$household]) === 2) {
                        return $this->graph->partners[$household][1];
                    }
                }
            }
        }
        // Whoever belongs to the family by birth, then whoever had the most partners.
        usort($members, fn (int $one, int $other): int => [$this->isBorn($other), count($this->partnersOf($other)), $one]
            <=> [$this->isBorn($one), count($this->partnersOf($one)), $other]);

        return $members[0];
    }

    private function isBorn(int $person): bool
    {
        return $this->order === PartnerOrder::After
            && ($this->graph->bornIn[$person] !== [] || in_array($person, $this->graph->subjects, true));
    }

    /** @return list<int> with their own further partners on either side */
    private function around(int $person): array
    {
        $this->placed[$person] = true;
        $left = [];
        $right = [];
        foreach ($this->partnersOf($person) as $at => $partner) {
            if (isset($this->placed[$partner])) {
                continue;
            }
            if ($at === 0 && $this->order === PartnerOrder::Around) {
                $left = array_reverse($this->after($partner));
            } else {
                array_push($right, ...$this->after($partner));
            }
        }

        return [...$left, $person, ...$right];
    }

    /** @return list<int> */
    private function after(int $person): array
    {
        $this->placed[$person] = true;
        $line = [$person];
        foreach ($this->partnersOf($person) as $partner) {
            if (! isset($this->placed[$partner])) {
                array_push($line, ...$this->after($partner));
            }
        }

        return $line;
    }

    /** @return list<int> those of the same layer, in the order of a life */
    private function partnersOf(int $person): array
    {
        $partners = [];
        foreach ($this->graph->couplesOf[$person] as $household) {
            foreach ($this->graph->partners[$household] as $partner) {
                if ($partner !== $person && $this->groups[$partner] === $this->groups[$person]) {
                    $partners[$partner] = $partner;
                }
            }
        }

        return array_values($partners);
    }
}
