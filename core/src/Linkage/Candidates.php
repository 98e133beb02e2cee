<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** People of a tree, and how they are tied to one another, as a line-up needs them. */
final readonly class Candidates
{
    /** What somebody who is dead does no longer. */
    private const ALIVE = ['census', 'residence', 'marriage', 'occupation', 'emigration', 'immigration', 'retirement', 'education',
        'graduation'];

    /** @param  array<string, Candidate>  $all  by id */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  list<string>  $ids  of people worth looking at; their partners, parents and children come along
     * @param  int  $rounds  how many ties outward
     */
    public static function around(TreeView $tree, array $ids, int $rounds = 1): self
    {
        $sets = [];
        $unions = [];
        $known = array_values(array_unique($ids));
        $new = $known;
        for ($round = 0; $round <= $rounds && $new !== []; $round++) {
            $sets += $tree->parentSets($new);
            $unions += $tree->unionsOf($new);
            if ($round === $rounds) {
                break;
            }
            $next = [];
            foreach ($new as $id) {
                foreach ($sets[$id] ?? [] as $set) {
                    array_push($next, ...array_map(static fn ($parent): string => $parent->personId, $set->parents));
                }
                foreach ($unions[$id] ?? [] as $union) {
                    array_push($next, ...$union->partnerIds, ...$union->childIds);
                }
            }
            $new = array_values(array_diff(array_unique($next), $known));
            $known = [...$known, ...$new];
        }
        $lives = $tree->lives($known);
        $all = [];
        foreach ($known as $id) {
            if (isset($lives[$id])) {
                $all[$id] = self::candidate($lives[$id], $sets[$id] ?? [], $unions[$id] ?? [], $lives);
            }
        }

        return new self($all);
    }

    /**
     * @param  list<\NorthBough\Core\Tree\ParentSet>  $sets
     * @param  list<\NorthBough\Core\Tree\Union>  $unions
     * @param  array<string, Person>  $lives
     */
    private static function candidate(Person $person, array $sets, array $unions, array $lives): Candidate
    {
        $parents = [];
        foreach ($sets as $set) {
            foreach ($set->whoStand() as $parent) {
                $parents[$parent->personId] = $parent->personId;
            }
        }
        $partners = [];
        $children = [];
        $weddings = [];
        $seen = self::lastDay($person->events);
        foreach ($unions as $union) {
            $wed = self::span($union->marriage());
            if ($wed !== null) {
                $weddings += array_fill_keys($union->partnersOf($person->id), $wed);
            }
            $seen = max($seen, self::lastDay($union->events));
            $partners += array_combine($union->partnersOf($person->id), $union->partnersOf($person->id));
            $own = $union->childrenOf($person->id);
            $children += array_combine($own, $own);
        }
        $sign = $person->vitals()->signOfBirth();
        $birth = self::span($person->vitals()->birth());

        return new Candidate(
            $person->id, $person->name()->shown(), $person->name()->given ?: $person->name()->shown(),
            self::names($person, [...$partners, ...$children], $lives), $person->sex,
            $birth ?? self::span($sign), $birth === null && $sign !== null, $person->vitals()->birth()->place ?? $sign->place ?? '',
            self::span($person->vitals()->end()),
            array_values($partners), array_values($parents), array_values($children),
            self::span($sign), $seen > 0 ? $seen : null, $weddings,
        );
    }

    /**
     * The names that somebody has, and for a woman those that she may be called by: of a partner, or, where he is not
     * known, of her children.
     *
     * @param  array<string, string>  $family
     * @param  array<string, Person>  $lives
     * @return list<PersonalName>
     */
    private static function names(Person $person, array $family, array $lives): array
    {
        $names = array_values(
            array_map(static fn (Name $name): PersonalName => $name->name,
                array_filter($person->names, static fn (Name $name): bool => $name->counts())));
        $surnames = [];
        foreach ($person->sex === Sex::Male || $names === [] ? [] : $family as $id) {
            $surname = isset($lives[$id]) ? $lives[$id]->name()->surname : '';
            $surnames += $surname === '' || $surname === $names[0]->surname ? [] : [$surname => $surname];
        }
        foreach ($surnames as $surname) {
            $names[] = PersonalName::of($names[0]->given, $surname, '', '', '', $names[0]->nickname);
        }

        return $names;
    }

    /**
     * The last day on which somebody was certainly alive by their events; 0 where none says so.
     *
     * @param  list<Event>  $events
     */
    private static function lastDay(array $events): int
    {
        $last = 0;
        foreach ($events as $event) {
            if (! $event->denied && $event->standing->mayLead() && in_array($event->kind, self::ALIVE, true)) {
                $span = $event->date->span();
                $last = max($last, $span?->earliest === null ? 0 : $span->earliest + $span->softBefore);
            }
        }

        return $last;
    }

    private static function span(?Event $event): ?DaySpan
    {
        $span = $event?->date->span();

        return $span?->earliest === null && $span?->latest === null ? null : $span;
    }
}
