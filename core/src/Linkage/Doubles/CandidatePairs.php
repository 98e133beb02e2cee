<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * The pairs worth comparing. Several passes, each of which brings together whoever shares a key; in a pass each is
 * compared with the next few at most, those nearest in time first, so that a common name costs no more than a rare one.
 * Sorted neighbourhoods: M. A. Hernández and S. J. Stolfo, "The Merge/Purge Problem for Large Databases", Proceedings
 * of ACM SIGMOD (1995). An inner loop: packed arrays.
 */
final class CandidatePairs
{
    /** How many of those that follow somebody in a pass are looked at. */
    private const NEXT = 12;

    /** A step of the time in which a pass is sorted, in days: 4096 of them. */
    private const STEP = 40;

    /** Years, in steps, by which two of one key may lie apart. */
    private const FAR = 46;

    /** @var list<int> of the pass at hand: a key, the time and the person in one number */
    private array $entries = [];

    /** @var list<int> */
    private array $pairs = [];

    /** @var list<int> the likely time of a birth in steps; -1 for none */
    private array $born = [];

    /** @var list<list<int>> */
    private array $given = [];

    /** @var list<list<int>> */
    private array $surnames = [];

    private int $from = 0;

    public function __construct(private readonly PeopleTable $people)
    {
    }

    /** @return list<int> PeopleTable::pair() of each, once */
    public function all(): array
    {
        $this->prepare();
        foreach ([
            [$this->byName(...), self::NEXT, self::FAR], [$this->byDay(...), self::NEXT, self::FAR],
            [$this->byParents(...), self::NEXT, self::FAR], [$this->byPartner(...), self::NEXT, self::FAR],
            [$this->amongKin(...), self::NEXT, self::FAR],
            // What is likely to bring strangers together is looked at more closely.
            [$this->byPlace(...), 4, 14], [$this->byDeath(...), 6, 20],
        ] as [$pass, $next, $far]) {
            $this->entries = [];
            $pass();
            $this->pairUp($next, $far);
        }
        sort($this->pairs);
        $all = [];
        $last = -1;
        foreach ($this->pairs as $pair) {
            if ($pair !== $last) {
                $all[] = $last = $pair;
            }
        }
        $this->pairs = [];

        return $all;
    }

    private function prepare(): void
    {
        $p = $this->people;
        $none = PeopleTable::NONE;
        $middles = [];
        foreach ($p->ids as $at => $id) {
            $days = 8 * $at;
            [$from, $to] = match (true) {
                $p->days[$days] !== $none && $p->days[$days + 1] !== $none => [$p->days[$days], $p->days[$days + 1]],
                $p->days[$days + 2] !== $none && $p->days[$days + 3] !== $none => [$p->days[$days + 2], $p->days[$days + 3]],
                default => [$p->windows[$days + 4], $p->windows[$days + 5]],
            };
            $middles[] = $from === $none || $to === $none || $to - $from > 9000 ? $none : intdiv($from + $to, 2);
            $given = $surnames = [];
            foreach ($p->names[$at] as [$givenName, $surname]) {
                array_push($given, ...$p->given->codesOf($givenName));
                array_push($surnames, ...$p->surnames->codesOf($surname));
            }
            foreach ($p->surnames->married[$at] ?? [] as $surname) {
                array_push($surnames, ...$p->surnames->codesOf($surname));
            }
            $this->given[] = array_values(array_unique($given));
            $this->surnames[] = array_values(array_unique($surnames));
        }
        $known = array_filter($middles, static fn (int $day): bool => $day !== $none);
        $this->from = $known === [] ? 0 : min($known);
        foreach ($middles as $day) {
            $this->born[] = $day === $none ? -1 : min(4094, intdiv($day - $this->from, self::STEP));
        }
    }

    /** @param  int  $time  in steps; 4095 for none */
    private function enter(int $key, int $time, int $person): void
    {
        $this->entries[] = ($key & 0x3FFFFFFF) << 33 | $time << 21 | $person;
    }

    private static function key(int $pass, int $a, int $b = 0, int $c = 0): int
    {
        $mixed = ($pass + 1) * 0x9E3779B1 ^ ($a + 7) * 0x85EBCA77 ^ ($b + 13) * 0xC2B2AE3D ^ ($c + 31) * 0x27D4EB2F;
        $mixed ^= $mixed >> 29;
        $mixed = ($mixed & 0xFFFFFFFF) * 0x165667B1;

        return $mixed ^ $mixed >> 31;
    }

    private function time(int $person): int
    {
        return $this->born[$person] < 0 ? 4095 : $this->born[$person];
    }

    private function byName(): void
    {
        foreach ($this->given as $at => $codes) {
            foreach ($this->surnames[$at] as $surname) {
                foreach ($codes as $code) {
                    $this->enter(self::key(1, $code, $surname), $this->time($at), $at);
                }
            }
        }
    }

    /** Born, christened, dead or buried on one day, day and month in whichever order. */
    private function byDay(): void
    {
        $days = $this->people->days;
        foreach (array_keys($this->people->ids) as $at) {
            foreach ([0, 2, 4, 6] as $which) {
                $day = $days[8 * $at + $which];
                if ($day !== PeopleTable::NONE && $day === $days[8 * $at + $which + 1]) {
                    [$y, $m, $d] = DateComparison::date($day);
                    $this->enter(self::key(10 + $which, $y, min($m, $d), max($m, $d)), 0, $at);
                }
            }
        }
    }

    private function byParents(): void
    {
        $p = $this->people;
        foreach ($this->given as $at => $codes) {
            $parents = [];
            foreach ($p->parents[$at] as $parent) {
                $parents[$p->sex[$parent] === 1 ? 1 : 0] ??= $parent;
            }
            if (! isset($parents[0], $parents[1])) {
                continue;
            }
            foreach ($p->given->firstCodesOf($p->names[$parents[0]][0][0]) as $father) {
                foreach ($p->given->firstCodesOf($p->names[$parents[1]][0][0]) as $mother) {
                    foreach ($codes as $code) {
                        $this->enter(self::key(20, $code, $father, $mother), $this->time($at), $at);
                    }
                }
            }
        }
    }

    private function byPartner(): void
    {
        $p = $this->people;
        foreach ($this->given as $at => $codes) {
            foreach (array_slice($p->partners[$at], 0, 6) as $partner) {
                foreach ($p->surnames->codesOf($p->names[$partner][0][1]) as $surname) {
                    foreach ($p->given->firstCodesOf($p->names[$partner][0][0]) as $name) {
                        foreach ($codes as $code) {
                            $this->enter(self::key(30, $code, $name, $surname), $this->time($at), $at);
                        }
                    }
                }
            }
        }
    }

    /**
     * A given name that nothing tells to be a form of the other's: surname, place and time agree; or the other way round,
     * the surname of a husband whom nothing names.
     */
    private function byPlace(): void
    {
        $p = $this->people;
        foreach ($this->surnames as $at => $codes) {
            $place = $p->placesOf[2 * $at];
            if ($place >= 0 && $this->born[$at] >= 0) {
                foreach ($codes as $code) {
                    $this->enter(self::key(40, $code, $p->places->code($place), $p->sex[$at]), $this->time($at), $at);
                }
                foreach ($p->sex[$at] === 2 ? [] : $this->given[$at] as $code) {
                    $this->enter(self::key(41, $code, $p->places->code($place)), $this->time($at), $at);
                }
            }
        }
    }

    private function byDeath(): void
    {
        $p = $this->people;
        foreach ($this->given as $at => $codes) {
            $days = 8 * $at;
            $day = $p->days[$days + 4] !== PeopleTable::NONE ? $p->days[$days + 4] : $p->days[$days + 6];
            if ($day === PeopleTable::NONE) {
                continue;
            }
            $time = max(0, min(4094, intdiv($day - $this->from, self::STEP)));
            foreach ($this->surnames[$at] as $surname) {
                foreach ($codes as $code) {
                    $this->enter(self::key(50, $code, $surname), $time, $at);
                }
            }
        }
    }

    /** Children of one parent who share a name, partners of one person, parents of one child. */
    private function amongKin(): void
    {
        $p = $this->people;
        foreach ($this->given as $at => $codes) {
            foreach ($p->parents[$at] as $parent) {
                foreach ($codes as $code) {
                    $this->enter(self::key(60, $parent, $code), $this->time($at), $at);
                }
                $this->born[$at] >= 0 && $this->enter(self::key(61, $parent, intdiv($this->born[$at], 9)), $this->time($at), $at);
            }
            foreach ($p->partners[$at] as $partner) {
                $this->enter(self::key(62, $partner, $p->sex[$at]), $this->time($at), $at);
            }
            foreach ($p->children[$at] as $child) {
                $this->enter(self::key(63, $child, $p->sex[$at]), $this->time($at), $at);
            }
        }
    }

    /**
     * @param  int  $most  how many of those that follow are looked at
     * @param  int  $far  steps by which two may lie apart
     */
    private function pairUp(int $most, int $far): void
    {
        $entries = $this->entries;
        sort($entries);
        $count = count($entries);
        for ($i = 0; $i < $count; $i++) {
            $entry = $entries[$i];
            $key = $entry >> 33;
            $time = $entry >> 21 & 4095;
            $person = $entry & 0x1FFFFF;
            for ($j = $i + 1, $left = $most; $j < $count && $left > 0; $j++, $left--) {
                $next = $entries[$j];
                if ($next >> 33 !== $key) {
                    break;
                }
                $nextTime = $next >> 21 & 4095;
                if ($nextTime - $time > $far && $nextTime !== 4095) {
                    break;
                }
                $other = $next & 0x1FFFFF;
                if ($other !== $person) {
                    $this->pairs[] = $person < $other ? $person << 21 | $other : $other << 21 | $person;
                }
            }
        }
    }
}
