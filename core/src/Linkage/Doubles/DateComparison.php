<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * How far the days of two births, or of two deaths, agree, and how often they would by chance. What stands for a birth
 * (a christening) is compared with another such, and with a birth only as what follows it. An inner loop: whole numbers.
 */
final class DateComparison
{
    /** Days by which a christening, or a burial, may follow and say nothing against it. */
    private const FOLLOWS_BIRTH = 62;

    private const FOLLOWS_DEATH = 40;

    private const YEAR = 365;

    /** Days of a window that is too wide to be compared. */
    private const WIDE = 12000;

    /** The chance that two drawn at random agree so far, as a logarithm to the base 2; of the last comparison. */
    public float $chance = 0.0;

    /** What it takes from a likeness that two spans only touch: 0 where one lies in the other, as a logarithm. */
    public float $touching = 0.0;

    /** Years that two spans fill together; of the last comparison. */
    public float $years = 0.0;

    /** @var array<int, int> year, month and day of what is told to the day, in one number: by its place in `$days` */
    private array $dates = [];

    /**
     * @param  list<int>  $days  eight a person, as PeopleTable has them
     * @param  list<int>  $windows  eight a person, for those of whom no day is told
     */
    public function __construct(
        private readonly array $days,
        private readonly array $windows,
        private readonly DayCounts $counts,
        private readonly bool $isOfDeath,
    ) {
        for ($at = $isOfDeath ? 4 : 0, $count = count($days); $at < $count; $at += 8) {
            foreach ([$at, $at + 2] as $which) {
                if ($days[$which] !== PeopleTable::NONE && $days[$which] === $days[$which + 1]) {
                    [$year, $month, $day] = self::date($days[$which]);
                    $this->dates[$which] = $year << 10 | $month << 5 | $day;
                }
            }
        }
    }

    /** @return int one of DateLevel */
    public function level(int $a, int $b): int
    {
        $none = PeopleTable::NONE;
        $at = $this->isOfDeath ? 4 : 0;
        [$a, $b] = [8 * $a + $at, 8 * $b + $at];
        $days = $this->days;
        $this->chance = $this->touching = 0.0;
        if ($days[$a] !== $none && $days[$b] !== $none && $days[$a + 1] !== $none && $days[$b + 1] !== $none) {
            return $this->same($a, $b);
        }
        if ($days[$a + 2] !== $none && $days[$b + 2] !== $none && $days[$a + 3] !== $none && $days[$b + 3] !== $none) {
            return $this->same($a + 2, $b + 2);
        }
        if ($days[$a] !== $none && $days[$b + 2] !== $none && $days[$a + 1] !== $none && $days[$b + 3] !== $none) {
            return $this->following($days[$a], $days[$a + 1], $days[$b + 2], $days[$b + 3]);
        }
        if ($days[$b] !== $none && $days[$a + 2] !== $none && $days[$b + 1] !== $none && $days[$a + 3] !== $none) {
            return $this->following($days[$b], $days[$b + 1], $days[$a + 2], $days[$a + 3]);
        }

        return $this->isOfDeath ? DateLevel::UNTOLD : $this->byWindow($a, $b);
    }

    /** Where one of two births is told nowhere: the years in which they likely fall, as far as these are known closely. */
    private function byWindow(int $a, int $b): int
    {
        [$from, $to] = $this->likely($a);
        [$otherFrom, $otherTo] = $this->likely($b);
        if ($from === PeopleTable::NONE || $otherFrom === PeopleTable::NONE) {
            return DateLevel::UNTOLD;
        }
        $gap = max($otherFrom - $to, $from - $otherTo);
        if ($gap <= 0) {
            $this->chance = $this->ring(min($from, $otherFrom), max($to, $otherTo), 0);
            $this->years = (max($to, $otherTo) - min($from, $otherFrom)) / self::YEAR;

            return DateLevel::FITS;
        }

        return $this->apart($gap, min($from, $otherFrom), max($to, $otherTo), false);
    }

    /** @return array{int, int} what is told, else the likely window where it is no wider than a generation; NONE twice where it is */
    private function likely(int $at): array
    {
        foreach ([$at, $at + 2] as $day) {
            if ($this->days[$day] !== PeopleTable::NONE && $this->days[$day + 1] !== PeopleTable::NONE) {
                return [$this->days[$day], $this->days[$day + 1]];
            }
        }
        [$from, $to] = [$this->windows[$at + 4], $this->windows[$at + 5]];

        return $from === PeopleTable::NONE || $to === PeopleTable::NONE || $to - $from > self::WIDE ? [PeopleTable::NONE, PeopleTable::NONE]
            : [$from, $to];
    }

    /** Two of one kind, by their places in `$days`. */
    private function same(int $at, int $other): int
    {
        [$from, $to] = [$this->days[$at], $this->days[$at + 1]];
        [$otherFrom, $otherTo] = [$this->days[$other], $this->days[$other + 1]];
        $gap = $otherFrom > $to ? $otherFrom - $to : ($from > $otherTo ? $from - $otherTo : 0);
        if ($to === $from && $otherTo === $otherFrom) {
            if ($gap === 0) {
                $this->chance = $this->ring($from, $from, 0) - 8.0;

                return DateLevel::SAME_DAY;
            }
            if ($gap < 11 * self::YEAR + 5 && ($like = self::alike($this->dates[$at], $this->dates[$other])) !== DateLevel::UNTOLD) {
                $this->chance = $this->ring($from, $from, $gap + 30) - 8.0;

                return $like;
            }
            if ($gap <= 31) {
                $this->chance = $this->ring($from, $from, 31);

                return DateLevel::NEAR;
            }
        } elseif ($gap === 0) {
            $this->chance = $this->ring(min($from, $otherFrom), max($to, $otherTo), 0);
            $this->years = (max($to, $otherTo) - min($from, $otherFrom)) / self::YEAR;
            $common = (min($to, $otherTo) - max($from, $otherFrom) + 1) / (min($to - $from, $otherTo - $otherFrom) + 1);
            $this->touching = log(0.2 + 0.8 * $common, 2);

            return DateLevel::FITS;
        }

        return $this->apart($gap, min($from, $otherFrom), max($to, $otherTo), $to === $from && $otherTo === $otherFrom);
    }

    private function following(int $from, int $to, int $signFrom, int $signTo): int
    {
        $within = $this->isOfDeath ? self::FOLLOWS_DEATH : self::FOLLOWS_BIRTH;
        // A date that is not told to the day may lie a little on the other side.
        if ($signTo >= $from - 31 && $signFrom <= $to + $within) {
            $this->chance = $this->ring($from - 31, max($to, $signTo) + $within, 0);

            $this->years = (max($to, $signTo) - min($from, $signFrom)) / self::YEAR + 1;

            return DateLevel::FOLLOWS;
        }

        return $this->apart($signFrom > $to ? $signFrom - $to - $within : $from - $signTo, min($from, $signFrom), max($to, $signTo), false);
    }

    private function apart(int $gap, int $from, int $to, bool $isExact): int
    {
        [$level, $reach] = match (true) {
            $gap <= self::YEAR => [DateLevel::WITHIN_YEAR, self::YEAR],
            $gap <= 3 * self::YEAR + 2 => [DateLevel::WITHIN_THREE, 3 * self::YEAR],
            $gap <= 10 * self::YEAR + 4 => [DateLevel::WITHIN_TEN, 10 * self::YEAR],
            default => [DateLevel::FAR, 0],
        };
        $middle = intdiv($from + $to, 2);
        $this->chance = $level === DateLevel::FAR ? -0.1 : $this->ring($middle, $middle, $reach + 183);

        return $isExact ? $level : $level + DateLevel::ABOUT_WITHIN_YEAR - DateLevel::WITHIN_YEAR;
    }

    /** Logarithm of the share of all that lie in a span widened on both sides; to the day, in a year around it. */
    private function ring(int $from, int $to, int $by): float
    {
        return log($by === 0 && $from === $to ? $this->counts->share($from - 183, $to + 182)
            : $this->counts->share($from - $by, $to + $by), 2);
    }

    private static function alike(int $date, int $otherDate): int
    {
        return match (true) {
            ($date & 1023) === ($otherDate & 1023) => DateLevel::OTHER_YEAR,
            $date >> 10 === $otherDate >> 10 && ($date >> 5 & 31) === ($otherDate & 31)
                && ($date & 31) === ($otherDate >> 5 & 31) => DateLevel::SWAPPED,
            default => DateLevel::UNTOLD,
        };
    }

    /**
     * Year, month and day of the Gregorian calendar: E. G. Richards, "Calendars", in the Explanatory Supplement to the
     * Astronomical Almanac, 3rd ed. (2013), section 15.11.3.
     *
     * @return array{int, int, int}
     */
    public static function date(int $day): array
    {
        $f = $day + 1401 + intdiv(intdiv(4 * $day + 274277, 146097) * 3, 4) - 38;
        $e = 4 * $f + 3;
        $g = intdiv($e % 1461, 4);
        $h = 5 * $g + 2;
        $month = (intdiv($h, 153) + 2) % 12 + 1;

        return [intdiv($e, 1461) - 4716 + intdiv(14 - $month, 12), $month, intdiv($h % 153, 5) + 1];
    }
}
