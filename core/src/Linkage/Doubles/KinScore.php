<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * What speaks for two being one in whom they are tied to, as log odds to the base 2. Relatives who are the same, or who
 * were found to be, leave little else to be asked than which of their kin it is; where nothing is found yet their names
 * are compared. An inner loop: whole numbers.
 */
final class KinScore
{
    /** Log odds that two are one, before their names, whose relatives are one and the same entry, or were found double. */
    private const CHILDREN_OF_SAME = -8.2;

    private const CHILDREN_OF_DOUBLE = 0.8;

    private const PARTNERS_OF_SAME = -2.8;

    private const PARTNERS_OF_DOUBLE = 2.0;

    private const PARENTS_OF_SAME = 0.5;

    private const PARENTS_OF_DOUBLE = 2.5;

    /** What it takes off that a child of each has no match among those of the other. */
    private const CHILD_MISSED = 2.2;

    private const MOST_RELATIVES = 12;

    public float $parents = 0.0;

    public float $siblings = 0.0;

    public float $partners = 0.0;

    public float $children = 0.0;

    /** From 0 to 1: that both are children of one couple. */
    public float $areSiblings = 0.0;

    public Findings $found;

    /** From 0 to 1: that partners of theirs are one. */
    public float $haveOnePartner = 0.0;

    /** From 0 to 1: that children of theirs are one. */
    public float $haveOneChild = 0.0;

    /** What the names of each kind of kin alone say. */
    public float $parentsByName = 0.0;

    public float $fathersByName = 0.0;

    public float $mothersByName = 0.0;

    public float $partnersByName = 0.0;

    public float $childrenByName = 0.0;

    public function __construct(private readonly PeopleTable $people, private readonly FieldScore $fields, private readonly float $prior)
    {
        $this->found = new Findings;
    }

    public function of(int $a, int $b): float
    {
        $this->parents = $this->parents($a, $b);
        // Husband and wife share what they have of kin: it makes nobody one.
        [$sex, $otherSex] = [$this->people->sex[$a], $this->people->sex[$b]];
        $areOfOneSex = $sex === 0 || $otherSex === 0 || $sex === $otherSex;
        $this->partners = $areOfOneSex ? $this->partners($a, $b) : 0.0;
        $this->children = $areOfOneSex ? $this->children($a, $b) : 0.0;
        $this->siblings = $this->areSiblings > 0.5 ? 0.0 : $this->siblings($a, $b);

        return self::together($this->parents, $this->partners, $this->children) + $this->siblings;
    }

    /** What comes second says less than it would alone: a family that is double is double in all its ties. */
    public static function together(float ...$weights): float
    {
        rsort($weights);

        return $weights[0] + min($weights[1], 7.0) + min($weights[2], 5.0);
    }

    /** Whether the family is there twice, and each entry of it has one child of the name. */
    public function areOnlyOnesOfTheirName(int $a, int $b): bool
    {
        [$mine, $theirs] = [$this->people->parents[$a], $this->people->parents[$b]];
        if (array_intersect($mine, $theirs) !== []) {
            return false;
        }
        $people = $this->people;
        foreach ([[$mine[0], $a, $b], [$theirs[0], $b, $a]] as [$parent, $child, $other]) {
            foreach ($people->children[$parent] as $sibling) {
                if ($sibling !== $child && $people->given->beginAlike($people->names[$sibling][0][0], $people->names[$other][0][0])) {
                    return false;
                }
            }
        }

        return true;
    }

    private function parents(int $a, int $b): float
    {
        $this->areSiblings = $this->parentsByName = $this->fathersByName = $this->mothersByName = 0.0;
        [$mine, $theirs] = [$this->people->parents[$a], $this->people->parents[$b]];
        if ($mine === [] || $theirs === []) {
            return 0.0;
        }
        $sex = $this->people->sex;
        // Where the surname is made of the father's name, that name says nothing new.
        $fathersName = $this->people->surnames->arePatronymics[$this->people->names[$a][0][1]]
            && $this->people->surnames->arePatronymics[$this->people->names[$b][0][1]] ? 0.3 : 1.0;
        $odds = 0.0;
        $isSame = false;
        foreach ($mine as $parent) {
            $best = -INF;
            foreach ($theirs as $other) {
                if ($parent === $other) {
                    [$isSame, $best] = [true, 0.0];
                    break;
                }
                if ($sex[$parent] !== 0 && $sex[$other] !== 0 && $sex[$parent] !== $sex[$other]) {
                    continue;
                }
                $odds = max($odds, $this->found->ofParents[PeopleTable::pair($parent, $other)] ?? 0.0);
                $this->fields->nameOf($parent, $other);
                // A father's surname is his child's, mostly, and says nothing new.
                $best = max($best, ($sex[$parent] === 2 ? $fathersName * $this->fields->givenWeight
                    : $this->fields->givenWeight + 0.8 * $this->fields->surnameWeight) + $this->fields->birthOf($parent, $other));
            }
            $weight = $best === -INF ? 0.0 : max(-5.0, min(9.0, $best));
            $sex[$parent] === 1 ? $this->mothersByName += $weight : $this->fathersByName += $weight;
        }
        $names = $this->fathersByName + $this->mothersByName;
        $this->areSiblings = $isSame ? 1.0 : $odds;
        $this->parentsByName = $isSame ? min(0.0, $names) : $names;

        // One parent in common, and the other found double: the family is there twice.
        return self::mixed($odds, self::CHILDREN_OF_DOUBLE - $this->prior,
            $isSame ? self::CHILDREN_OF_SAME - $this->prior + min(0.0, $names) : $names);
    }

    private function partners(int $a, int $b): float
    {
        $this->partnersByName = $this->haveOnePartner = 0.0;
        [$mine, $theirs] = [$this->people->partners[$a], $this->people->partners[$b]];
        if ($mine === [] || $theirs === []) {
            return 0.0;
        }
        $odds = 0.0;
        $names = -INF;
        foreach ($mine as $partner) {
            foreach ($theirs as $other) {
                if ($partner === $other) {
                    return self::PARTNERS_OF_SAME - $this->prior;
                }
                $odds = max($odds, $this->found->ofPartners[PeopleTable::pair($partner, $other)] ?? 0.0);
                $names = max($names, $this->fields->nameOf($partner, $other) + $this->fields->birthOf($partner, $other)
                    + $this->wedding($a, $partner, $b, $other));
            }
        }

        $this->haveOnePartner = $odds;
        $this->partnersByName = $names < 0 ? -2.5 : min(14.0, $names);

        return self::mixed($odds, self::PARTNERS_OF_DOUBLE - $this->prior, $this->partnersByName);
    }

    /** What the days of two marriages say. */
    private function wedding(int $a, int $partner, int $b, int $other): float
    {
        $mine = $this->people->weddings[PeopleTable::pair($a, $partner)] ?? null;
        $theirs = $this->people->weddings[PeopleTable::pair($b, $other)] ?? null;
        if ($mine === null || $theirs === null) {
            return 0.0;
        }
        $gap = max($mine[0] - $theirs[1], $theirs[0] - $mine[1]);

        return match (true) {
            $gap <= 0 && $mine[0] === $mine[1] && $theirs[0] === $theirs[1] => 9.0,
            $gap <= 0 => 3.0,
            $gap <= 1200 => 0.5,
            default => -3.0,
        };
    }

    private function children(int $a, int $b): float
    {
        $this->childrenByName = $this->haveOneChild = 0.0;
        [$mine, $theirs] = [$this->people->children[$a], $this->people->children[$b]];
        if ($mine === [] || $theirs === []) {
            return 0.0;
        }
        if (array_intersect($mine, $theirs) !== []) {
            return self::PARENTS_OF_SAME - $this->prior;
        }
        [$names, $odds, $missed] = $this->names($mine, $theirs, $this->people->sex[$a] === 1 ? $this->found->ofMothersChildren
            : $this->found->ofFathersChildren);
        $this->haveOneChild = $odds;
        $this->childrenByName = max(-4.0, min(12.0, $names));

        return self::mixed($odds, self::PARENTS_OF_DOUBLE - $this->prior - self::CHILD_MISSED * $missed, $this->childrenByName);
    }

    private function siblings(int $a, int $b): float
    {
        if ($this->people->parents[$a] === [] || $this->people->parents[$b] === []) {
            return 0.0;
        }
        $mine = array_values(array_diff($this->people->children[$this->people->parents[$a][0]], [$a]));
        $theirs = array_values(array_diff($this->people->children[$this->people->parents[$b][0]], [$b]));

        return max(-4.0, min(4.0, 0.6 * $this->names($mine, $theirs, [])[0]));
    }

    /**
     * @param  list<int>  $mine
     * @param  list<int>  $theirs
     * @param  array<int, float>  $found
     * @return array{float, float, int} what their names and years say, each of one with the likeliest of the other; and from 0 to 1 the
     *     odds
     *     that some were found double
     */
    private function names(array $mine, array $theirs, array $found): array
    {
        $mine = array_slice($mine, 0, self::MOST_RELATIVES);
        $theirs = array_slice($theirs, 0, self::MOST_RELATIVES);
        $names = 0.0;
        $none = 1.0;
        $many = log(count($theirs), 2);
        $taken = [];
        $unmatched = 0;
        foreach ($mine as $child) {
            $best = 0.0;
            $who = -1;
            foreach ($theirs as $other) {
                $odds = $found[PeopleTable::pair($child, $other)] ?? 0.0;
                $none *= 1 - $odds;
                if (isset($taken[$other])) {
                    continue;
                }
                $this->fields->nameOf($child, $other);
                $weight = $this->fields->givenWeight - $many;
                $weight = $weight < -3.0 ? $weight : $weight + $this->fields->birthAmongSiblings($child, $other);
                if ($weight > $best) {
                    [$best, $who] = [$weight, $other];
                }
            }
            if ($who >= 0) {
                $taken[$who] = true;
                $names += min(7.0, $best);
            } else {
                $unmatched++;
            }
        }
        $missed = min($unmatched, count($theirs) - count($taken));

        return [$names - self::CHILD_MISSED * $missed, 1 - $none, $missed];
    }

    /** A weight between what was found of relatives and what their names say, by the odds of the former. */
    private static function mixed(float $odds, float $found, float $names): float
    {
        return $odds < 0.001 ? $names : log($odds * 2 ** $found + (1 - $odds) * 2 ** $names, 2);
    }
}
