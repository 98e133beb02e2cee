<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/**
 * The people among whom doubles are looked for, as columns of whole numbers, for the inner loops. People are told first,
 * then how they are tied; each has the number in which they came.
 */
final class PeopleTable
{
    /** A day that is not told. */
    public const NONE = PHP_INT_MIN;

    /** @var list<string> */
    public array $ids = [];

    /** @var array<string, int> */
    public array $numbers = [];

    /** @var list<int> 0 not known, 1 female, 2 male, 3 other */
    public array $sex = [];

    /** @var list<list<array{int, int}>> by person: given names and surname, as numbers of `$given` and `$surnames` */
    public array $names = [];

    /** @var list<int> first and last day of the birth, the baptism, the death, the burial; eight a person */
    public array $days = [];

    /** @var list<int> place of birth and place of death, as numbers of `$places`; two a person; -1 for none */
    public array $placesOf = [];

    /** @var list<int> born not before, not after, died not before, not after: certain, then likely; eight a person */
    public array $windows = [];

    /** @var list<list<int>> */
    public array $parents = [];

    /** @var list<list<int>> */
    public array $children = [];

    /** @var list<list<int>> */
    public array $partners = [];

    /** @var array<int, array{int, int}> first and last day of a marriage, by a pair of partners: pair() */
    public array $weddings = [];

    /** @var array<int, true> pairs who stand on two lines of one record, or who were ruled to be two: pair() */
    public array $apart = [];

    /** How often two children of one parent bear the same first name. */
    public float $namesGivenAgain = 0.0;

    public GivenNames $given;

    public Surnames $surnames;

    public PlaceNames $places;

    public DayCounts $births;

    public DayCounts $deaths;

    public function __construct()
    {
        $this->given = new GivenNames;
        $this->surnames = new Surnames;
        $this->places = new PlaceNames;
        $this->births = new DayCounts;
        $this->deaths = new DayCounts;
    }

    /** A pair as one number, whichever is told first. */
    public static function pair(int $a, int $b): int
    {
        return $a < $b ? $a << 21 | $b : $b << 21 | $a;
    }

    public function size(): int
    {
        return count($this->ids);
    }

    public function add(LinkedPerson $person): void
    {
        $this->numbers[$person->id] = count($this->ids);
        $this->ids[] = $person->id;
        $this->sex[] = match ($person->sex) {
            Sex::Unknown => 0,
            Sex::Female => 1,
            Sex::Male => 2,
            Sex::Other => 3,
        };
        $this->names[] = $this->names($person->names);
        foreach ([$person->birth, $person->baptism, $person->death, $person->burial] as $span) {
            array_push($this->days, $span->earliest ?? self::NONE, $span->latest ?? self::NONE);
        }
        array_push($this->placesOf, $this->places->add($person->birthPlace), $this->places->add($person->deathPlace));
        // A window in which no day fits says nothing of anybody else.
        $window = $person->window->window();
        foreach ($person->window->days as $at => $day) {
            $this->windows[] = ($at < 4 ? $window->impossible : $window->unlikely) === [] ? $day ?? self::NONE : self::NONE;
        }
        $this->births->add($person->birth ?? $person->baptism);
        $this->deaths->add($person->death ?? $person->burial);
        $this->parents[] = $this->children[] = $this->partners[] = [];
    }

    /** @throws \OutOfBoundsException for somebody who was not told */
    public function number(string $id): int
    {
        return $this->numbers[$id] ?? throw new \OutOfBoundsException("Nobody of the id {$id} was told.");
    }

    public function parent(string $childId, string $parentId): void
    {
        [$child, $parent] = [$this->number($childId), $this->number($parentId)];
        if (! in_array($parent, $this->parents[$child], true)) {
            $this->parents[$child][] = $parent;
            $this->children[$parent][] = $child;
        }
    }

    public function couple(string $partnerId, string $otherId, ?DaySpan $wedding): void
    {
        [$a, $b] = [$this->number($partnerId), $this->number($otherId)];
        if (! in_array($b, $this->partners[$a], true)) {
            $this->partners[$a][] = $b;
            $this->partners[$b][] = $a;
        }
        if ($wedding?->earliest !== null && $wedding->latest !== null) {
            $this->weddings[self::pair($a, $b)] = [$wedding->earliest, $wedding->latest];
        }
    }

    /** Two who cannot be one: they stand on two lines of one record, or somebody ruled so. */
    public function apart(string $id, string $otherId): void
    {
        $this->apart[self::pair($this->number($id), $this->number($otherId))] = true;
    }

    /** Once all are told: counts how common names are, and under whose surnames wives may stand. */
    public function settle(): void
    {
        $this->given->settle();
        $this->surnames->settle();
        $this->places->settle();
        $this->countNamesGivenAgain();
        foreach ($this->partners as $at => $partners) {
            if ($this->sex[$at] === 2) {
                continue;
            }
            foreach ($partners as $partner) {
                foreach ($this->names[$partner] as [, $surname]) {
                    $this->surnames->marriedAs($at, $surname);
                }
            }
        }
    }

    private function countNamesGivenAgain(): void
    {
        [$pairs, $again] = [0, 0];
        foreach ($this->children as $children) {
            $firsts = [];
            foreach ($children as $child) {
                $first = $this->given->words[$this->names[$child][0][0]][0] ?? -1;
                $first < 0 || $firsts[$first] = ($firsts[$first] ?? 0) + 1;
            }
            $all = array_sum($firsts);
            $pairs += $all * ($all - 1);
            foreach ($firsts as $count) {
                $again += $count * ($count - 1);
            }
        }
        $this->namesGivenAgain = ($again + 1) / ($pairs + 125);
    }

    /**
     * @param  list<PersonalName>  $names
     * @return list<array{int, int}>
     */
    private function names(array $names): array
    {
        $numbers = [];
        foreach ($names as $name) {
            $numbers[] = [$this->given->add($name->given), $this->surnames->add($name->surname)];
            if ($name->nickname !== '') {
                $numbers[] = [$this->given->add($name->nickname), $this->surnames->add($name->surname)];
            }
        }

        return $numbers === [] ? [[$this->given->add(''), $this->surnames->add('')]] : $numbers;
    }
}
