<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Sex;

/** Somebody of a generated isle: what is true of them, and whether the tree has them. */
final class Islander
{
    /**
     * @param  int  $born  number of the day
     * @param  int  $died  number of the day
     */
    public function __construct(
        public readonly string $id,
        public readonly string $given,
        public readonly string $surname,
        public readonly Sex $sex,
        public readonly int $born,
        public int $died,
        public readonly string $place,
        public readonly bool $known,
        public readonly string $family = '',
        public bool $isWed = false,
    ) {
    }

    public static function day(int $year, int $ofYear): int
    {
        return Calendars::gregorian()->toDay($year, 1, 1) + $ofYear;
    }

    public function yearBorn(): int
    {
        return self::year($this->born);
    }

    public static function year(int $day): int
    {
        return (int) substr(IsoDay::of($day), 0, 4);
    }

    /** Completed years on a day. */
    public function age(int $day): int
    {
        return (int) floor(($day - $this->born) / 365.25);
    }
}
