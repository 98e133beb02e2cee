<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Sexes;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;

/**
 * Two to four people side by side, the same things on one line, each against each other. Kinds of event are never
 * mixed: a christening is compared with a christening.
 */
final readonly class SideBySide
{
    /** @param  list<Person>  $people */
    private function __construct(private array $people)
    {
    }

    /**
     * @param  list<Person>  $people  two to four
     * @param  array<string, array<string, list<PersonalName>>>  $kin  names of relatives by relation, then by person
     * @return list<ComparedRow> names, sex, facts in the order of their kinds, then relatives
     */
    public static function of(array $people, array $kin): array
    {
        $self = new self($people);

        return [$self->names(), ...$self->sex(), ...$self->facts(), ...$self->kin($kin)];
    }

    private function names(): ComparedRow
    {
        $names = array_map(static fn (Person $person): array => array_values(array_filter($person->names,
            static fn (Name $name): bool => $name->counts())), $this->people);

        return new ComparedRow('Name', array_map(static fn (array $own): array => array_map(
            static fn (Name $name): string => $name->name->shown(), $own), $names),
            $this->worst($names, static fn (array $mine, array $theirs): Verdict => self::kindest($mine, $theirs,
                static fn (Name $name, Name $other): Verdict => PersonalNames::compare($name->name, $other->name)->verdict)));
    }

    /** @return list<ComparedRow> */
    private function sex(): array
    {
        $sexes = array_map(static fn (Person $person): Sex => $person->sex, $this->people);
        $cells = array_map(static fn (Sex $sex): array => $sex === Sex::Unknown ? [] : [$sex->word()], $sexes);

        return array_filter($cells) === [] ? [] : [new ComparedRow('Sex', $cells,
            $this->worst($sexes, static fn (Sex $sex, Sex $other): Verdict => Sexes::compare($sex, $other)->verdict))];
    }

    /** @return list<ComparedRow> */
    private function facts(): array
    {
        $byKind = [];
        foreach ($this->people as $at => $person) {
            foreach ($person->events as $event) {
                if ($event->standing->mayLead() || $event->standing->value === 'rival') {
                    $byKind["{$event->kind}\n"
                        .(in_array($event->kind, EventKinds::OF_OWN_WORDS, true) ? $event->typeWords : '')][$at][] = $event;
                }
            }
        }
        $order = array_flip(array_keys(EventKinds::all()));
        uksort($byKind,
            static fn (string $a, string $b): int => [$order[strtok($a, "\n")] ?? 999, $a] <=> [$order[strtok($b, "\n")] ?? 999, $b]);
        $rows = [];
        foreach ($byKind as $of) {
            $events = array_map(static fn (int $at): array => $of[$at] ?? [], array_keys($this->people));
            $first = array_merge(...$events)[0];
            $rows[] = new ComparedRow($first->word(), array_map(static fn (array $own): array => array_map(self::says(...), $own), $events),
                $this->worst($events, static fn (array $mine, array $theirs): Verdict => self::kindest($mine, $theirs, self::event(...))));
        }

        return $rows;
    }

    /** What two facts of one kind are to each other. What can be true several times contradicts nothing. */
    private static function event(Event $event, Event $other): Verdict
    {
        $days = Dates::compare($event->date, $other->date)->verdict;
        $places = Places::compare($event->place, $other->place)->verdict;
        $values = match (true) {
            $event->value === '' || $other->value === '' => Verdict::Incomparable,
            $event->value === $other->value => Verdict::Same,
            default => Verdict::Strains,
        };
        $told = array_values(array_filter([$days, $event->place === '' || $other->place === '' ? Verdict::Incomparable
            : ($places === Verdict::Incomparable ? Verdict::Strains : $places), $values],
            static fn (Verdict $verdict): bool => $verdict !== Verdict::Incomparable));
        $worst = array_reduce($told, self::worse(...), $told[0] ?? Verdict::Incomparable);

        return $worst === Verdict::Contradicts && ! $event->isSingle() ? Verdict::Strains : $worst;
    }

    private static function says(Event $event): string
    {
        return implode(', ', array_filter([$event->date->shown, $event->value, $event->place])) ?: 'without a date or place';
    }

    /**
     * @param  array<string, array<string, list<PersonalName>>>  $kin
     * @return list<ComparedRow>
     */
    private function kin(array $kin): array
    {
        $rows = [];
        foreach ($kin as $relation => $byPerson) {
            $names = array_map(static fn (Person $person): array => $byPerson[$person->id] ?? [], $this->people);
            if (array_filter($names) !== []) {
                $rows[] = new ComparedRow($relation, array_map(static fn (array $own): array => array_map(
                    static fn (PersonalName $name): string => $name->shown(), $own), $names),
                    $this->worst($names, self::sets(...)));
            }
        }

        return $rows;
    }

    /**
     * Relatives as a set: everybody of the smaller set has their like in the other, or not.
     *
     * @param  list<PersonalName>  $mine
     * @param  list<PersonalName>  $theirs
     */
    private static function sets(array $mine, array $theirs): Verdict
    {
        [$few, $many] = count($mine) <= count($theirs) ? [$mine, $theirs] : [$theirs, $mine];
        $worst = null;
        foreach ($few as $name) {
            $best = self::kindest([$name], $many, static function (PersonalName $name, PersonalName $other): Verdict {
                $verdict = PersonalNames::compare($name, $other)->verdict;

                return $verdict === Verdict::Incomparable ? Verdict::Strains : $verdict;
            });
            $worst = $worst === null ? $best : self::worse($worst, $best);
        }

        return $worst === null || $many === [] ? Verdict::Incomparable : $worst;
    }

    /**
     * The kindest verdict between values of two people: one that agrees is enough.
     *
     * @template T
     *
     * @param  list<T>  $mine
     * @param  list<T>  $theirs
     * @param  callable(T, T): Verdict  $compare
     */
    private static function kindest(array $mine, array $theirs, callable $compare): Verdict
    {
        $kindest = null;
        foreach ($mine as $value) {
            foreach ($theirs as $other) {
                $verdict = $compare($value, $other);
                $kindest = $kindest === null ? $verdict : $kindest->orKinder($verdict);
            }
        }

        return $kindest ?? Verdict::Incomparable;
    }

    /**
     * @template T
     *
     * @param  list<T>  $values  of each person
     * @param  callable(T, T): Verdict  $compare
     */
    private function worst(array $values, callable $compare): Verdict
    {
        $worst = null;
        foreach ($values as $at => $value) {
            foreach (array_slice($values, $at + 1) as $other) {
                $verdict = $compare($value, $other);
                $worst = $worst === null || $worst === Verdict::Incomparable ? $verdict
                    : ($verdict === Verdict::Incomparable ? $worst : self::worse($worst, $verdict));
            }
        }

        return $worst ?? Verdict::Incomparable;
    }

    private static function worse(Verdict $verdict, Verdict $other): Verdict
    {
        return $verdict->orKinder($other) === $verdict ? $other : $verdict;
    }
}
