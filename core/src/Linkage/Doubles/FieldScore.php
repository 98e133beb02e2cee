<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * What speaks for two being one in what is told of themselves: names, sex, birth, death, places; as log odds to the base
 * 2. Children of one couple share a surname, a place and often a decade, so that these say less between them, and a
 * name more. An inner loop: whole numbers.
 */
final class FieldScore
{
    private const OTHER_SEX = -7.0;

    /** A wife stands under her husband's surname, and what she was born as is not told. */
    private const BORN_AS_UNKNOWN = -1.0;

    /** What a death, and places, can add at most to what is worth a look. */
    private const MOST_OF_DEATH = 14.0;

    private const MOST_OF_PLACES = 5.0;

    private const NEAR_KIN = 0.6;

    /** How often children of one couple agree so far who are two. */
    private const SIBLINGS_GIVEN = [
        GivenLevel::VARIANT => 0.008,
        GivenLevel::INITIAL => 0.08, GivenLevel::ALIKE => 0.008, GivenLevel::BY_SECOND => 0.05, GivenLevel::DIFFERENT => 0.93,
    ];

    private const SIBLINGS_BORN = [
        DateLevel::SAME_DAY => 0.006, DateLevel::SWAPPED => 0.0005, DateLevel::OTHER_YEAR => 0.0025, DateLevel::NEAR => 0.002,
        DateLevel::WITHIN_YEAR => 0.02, DateLevel::WITHIN_THREE => 0.36, DateLevel::WITHIN_TEN => 0.5, DateLevel::FAR => 0.1,
        DateLevel::ABOUT_WITHIN_YEAR => 0.12, DateLevel::ABOUT_WITHIN_THREE => 0.3,
        DateLevel::ABOUT_WITHIN_TEN => 0.42, DateLevel::ABOUT_FAR => 0.1,
    ];

    private const SIBLINGS_SURNAME = [
        SurnameLevel::SAME => 0.97, SurnameLevel::ALIKE => 0.06, SurnameLevel::PATRONYMIC => 0.9, SurnameLevel::MARRIED => 0.05,
        SurnameLevel::DIFFERENT => 0.05,
    ];

    private const SIBLINGS_PLACE = [
        PlaceLevel::SAME => 0.75, PlaceLevel::FITS => 0.4, PlaceLevel::NEAR => 0.2, PlaceLevel::DIFFERENT => 0.2,
    ];

    /** To be two, each must have been forgotten where the other is told. */
    private const ONLY_ONES = 0.2;

    public int $given = 0;

    public int $surname = 0;

    public int $birth = 0;

    public int $death = 0;

    public int $birthPlace = 0;

    public int $deathPlace = 0;

    public float $givenWeight = 0.0;

    public float $surnameWeight = 0.0;

    public float $birthWeight = 0.0;

    public float $deathWeight = 0.0;

    public float $birthPlaceWeight = 0.0;

    public float $deathPlaceWeight = 0.0;

    public float $sexWeight = 0.0;

    private readonly DateComparison $births;

    private readonly DateComparison $deaths;

    /** @var array<int, float> */
    private array $mGiven;

    /** @var array<int, float> */
    private array $mSurname;

    /** @var array<int, float> */
    private array $mBirth;

    /** @var array<int, float> */
    private array $mDeath;

    /** @var array<int, float> */
    private array $mBirthPlace;

    /** @var array<int, float> */
    private array $mDeathPlace;

    public function __construct(private readonly PeopleTable $people, MatchModel $model)
    {
        $this->births = new DateComparison($people->days, $people->windows, $people->births, false);
        $this->deaths = new DateComparison($people->days, $people->windows, $people->deaths, true);
        $this->take($model);
    }

    public function take(MatchModel $model): void
    {
        $this->mGiven = $model->logs(Aspect::Given);
        $this->mSurname = $model->logs(Aspect::Surname);
        $this->mBirth = $model->logs(Aspect::Birth);
        $this->mDeath = $model->logs(Aspect::Death);
        $this->mBirthPlace = $model->logs(Aspect::BirthPlace);
        $this->mDeathPlace = $model->logs(Aspect::DeathPlace);
    }

    /** The sum for two of whom nothing else is known; what it is made of stands in the properties until the next is asked. */
    public function of(int $a, int $b): float
    {
        $this->namesAndBirth($a, $b);
        $this->deathAndPlaces($a, $b);

        return $this->sum();
    }

    /** The same, or less where it cannot reach a sum: most pairs that are looked at are nobody's double, and are dropped early. */
    public function reaching(float $least, int $a, int $b): float
    {
        $sum = $this->namesAndBirth($a, $b);
        $p = $this->people;
        $left = ($p->days[8 * $a + 4] === PeopleTable::NONE || $p->days[8 * $b + 4] === PeopleTable::NONE ? 0.0 : self::MOST_OF_DEATH)
            + self::MOST_OF_PLACES;
        if ($sum + $left < $least) {
            return $sum;
        }
        $this->deathAndPlaces($a, $b);

        return $this->sum();
    }

    private function namesAndBirth(int $a, int $b): float
    {
        $p = $this->people;
        $this->nameOf($a, $b);
        $sex = $p->sex[$a];
        $otherSex = $p->sex[$b];
        $this->sexWeight = $sex === 0 || $otherSex === 0 || $sex === $otherSex ? 0.0 : self::OTHER_SEX;
        $this->birth = $this->births->level($a, $b);
        $this->birthWeight = $this->mBirth[$this->birth] - $this->births->chance + $this->births->touching;

        return $this->givenWeight + $this->surnameWeight + $this->sexWeight + $this->birthWeight;
    }

    private function deathAndPlaces(int $a, int $b): void
    {
        $p = $this->people;
        $this->death = $this->deaths->level($a, $b);
        $this->deathWeight = $this->mDeath[$this->death] - $this->deaths->chance + $this->deaths->touching;
        [$here, $there] = [$p->placesOf[2 * $a], $p->placesOf[2 * $b]];
        $this->birthPlace = $p->places->level($here, $there);
        $this->birthPlaceWeight = $this->mBirthPlace[$this->birthPlace] - $p->places->chance($this->birthPlace, $here, $there);
        // People of one surname live near each other: between them the place says less.
        if ($this->birthPlaceWeight > 0.0 && ($this->surname === SurnameLevel::SAME || $this->surname === SurnameLevel::ALIKE)) {
            $this->birthPlaceWeight *= self::NEAR_KIN;
        }
        [$here, $there] = [$p->placesOf[2 * $a + 1], $p->placesOf[2 * $b + 1]];
        $this->deathPlace = $p->places->level($here, $there);
        // Who dies where they were born says nothing new by it.
        $this->deathPlaceWeight = 0.5 * ($this->mDeathPlace[$this->deathPlace] - $p->places->chance($this->deathPlace, $here, $there));
    }

    /**
     * The same, for two who are children of one couple as far as is known.
     *
     * @param  float  $odds  from 0 to 1, that they are
     * @param  bool  $areGrown  neither died as a child, so that no name was given again
     * @param  bool  $areOnly  the family is there twice, and has nobody else of their name in either
     */
    public function asSiblings(float $odds, bool $areGrown, bool $areOnly): float
    {
        $this->givenWeight = self::between($odds, $this->givenWeight, $this->mGiven[$this->given],
            $this->chanceOfName($areGrown) * ($areOnly ? self::ONLY_ONES : 1.0));
        $this->surnameWeight = self::between($odds, $this->surnameWeight, $this->mSurname[$this->surname],
            self::SIBLINGS_SURNAME[$this->surname] ?? 1.0);
        $this->birthWeight = self::between($odds, $this->birthWeight, $this->mBirth[$this->birth] + $this->births->touching,
            $this->chanceAmongSiblings($this->birth));
        $this->birthPlaceWeight = self::between($odds, $this->birthPlaceWeight, $this->mBirthPlace[$this->birthPlace],
            self::SIBLINGS_PLACE[$this->birthPlace] ?? 1.0);
        $this->deathPlaceWeight *= 1 - $odds / 2;

        return $this->sum();
    }

    /** What the names alone say, the best of each; for relatives. */
    public function nameOf(int $a, int $b): float
    {
        $p = $this->people;
        $best = -INF;
        foreach ($p->names[$a] as [$given, $surname]) {
            foreach ($p->names[$b] as [$otherGiven, $otherSurname]) {
                $level = $p->given->level($given, $otherGiven);
                $givenWeight = $this->mGiven[$level] - $p->given->chance($level, $given, $otherGiven);
                $surnameLevel = $p->surnames->level($surname, $otherSurname);
                $surnameWeight = $this->mSurname[$surnameLevel] - $p->surnames->chance($surnameLevel, $surname, $otherSurname);
                if ($surnameLevel === SurnameLevel::DIFFERENT && ($p->sex[$a] !== 2 || $p->sex[$b] !== 2)) {
                    $asMarried = max($this->asMarried($a, $otherSurname), $this->asMarried($b, $surname),
                        $this->asMarried($a, $surname) > -INF || $this->asMarried($b, $otherSurname) > -INF ? self::BORN_AS_UNKNOWN : -INF);
                    if ($asMarried > $surnameWeight) {
                        [$surnameLevel, $surnameWeight] = [SurnameLevel::MARRIED, $asMarried];
                    }
                }
                if ($givenWeight + $surnameWeight > $best) {
                    $best = $givenWeight + $surnameWeight;
                    [$this->given, $this->givenWeight] = [$level, $givenWeight];
                    [$this->surname, $this->surnameWeight] = [$surnameLevel, $surnameWeight];
                }
            }
        }

        return $best;
    }

    /** What the births alone say of two who are nobody's siblings; bounded, for relatives. */
    public function birthOf(int $a, int $b): float
    {
        $level = $this->births->level($a, $b);

        return max(-5.0, min(5.0, $this->mBirth[$level] - $this->births->chance + $this->births->touching));
    }

    /** What the births say of two of whom one is a child of somebody, the other of whom may be the same. */
    public function birthAmongSiblings(int $a, int $b): float
    {
        $level = $this->births->level($a, $b);

        return $level === DateLevel::UNTOLD ? 0.0
            : max(-5.0, min(5.0, $this->mBirth[$level] + $this->births->touching - log($this->chanceAmongSiblings($level), 2)));
    }

    /** How often children of one couple, who are two, have names that agree so far: as often as names were given again in this tree. */
    private function chanceOfName(bool $areGrown): float
    {
        $again = max(0.002, $this->people->namesGivenAgain) * ($areGrown ? 0.25 : 1.0);

        return match ($this->given) {
            GivenLevel::SAME_WHOLE => 0.15 * $again,
            GivenLevel::SAME_FIRST => $again,
            GivenLevel::SECOND_MISSING, GivenLevel::SECOND_DIFFERS => 0.6 * $again,
            default => self::SIBLINGS_GIVEN[$this->given] ?? 1.0,
        };
    }

    /** How often children of one couple were born so far apart. */
    private function chanceAmongSiblings(int $level): float
    {
        // In the fifteen years in which a couple has its children, a vague date fits many of them.
        return match ($level) {
            DateLevel::FITS, DateLevel::FOLLOWS => max(0.06, min(0.6, $this->births->years / 15)),
            default => self::SIBLINGS_BORN[$level] ?? 1.0,
        };
    }

    /** What it says that somebody stands under the surname of a husband of hers; -INF where it is none. */
    private function asMarried(int $person, int $surname): float
    {
        $surnames = $this->people->surnames;
        foreach ($surnames->married[$person] ?? [] as $married) {
            $level = $surnames->level($married, $surname);
            if ($level === SurnameLevel::SAME || $level === SurnameLevel::ALIKE) {
                return $this->mSurname[SurnameLevel::MARRIED] - $surnames->chance($level, $married, $surname);
            }
        }

        return -INF;
    }

    private function sum(): float
    {
        return $this->givenWeight + $this->surnameWeight + $this->sexWeight + $this->birthWeight + $this->deathWeight
            + $this->birthPlaceWeight + $this->deathPlaceWeight;
    }

    /** A weight between that of strangers and that of siblings, by the odds of the latter. */
    private static function between(float $odds, float $weight, float $m, float $chance): float
    {
        return $odds < 0.01 ? $weight : $m - log((1 - $odds) * 2 ** ($m - $weight) + $odds * $chance, 2);
    }
}
