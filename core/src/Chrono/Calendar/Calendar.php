<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/**
 * A calendar turns year, month and day into a day number and back. The day number is the Julian Day Number of
 * the civil day (1 January 2000, Gregorian, is 2451545). Years before 1 are astronomical: 44 BCE is -43.
 */
interface Calendar
{
    /** The calendar's word in the version 7 date grammar, such as GREGORIAN. */
    public function keyword(): string;

    /** The escape of the 5.5.1 date grammar, such as @#DJULIAN@. */
    public function escape(): string;

    /** @return int<28, 31> */
    public function daysInMonth(int $year, int $month): int;

    public function toDay(int $year, int $month, int $day): int;

    /** @return array{int, int, int} year, month, day */
    public function fromDay(int $day): array;
}
