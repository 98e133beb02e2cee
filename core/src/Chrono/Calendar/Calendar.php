<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/**
 * A calendar turns year, month and day into a day number and back. The day number is the Julian Day Number of
 * the civil day (1 January 2000, Gregorian, is 2451545). Years before 1 are astronomical: 44 BCE is -43.
 * Months count from 1 in the order of the calendar's year; a year may lack one (Hebrew 7, in a common year).
 */
interface Calendar
{
    /** The calendar's word in the version 7 date grammar, such as GREGORIAN. */
    public function keyword(): string;

    /** The calendar's name in a sentence. */
    public function word(): string;

    /** The escape of the 5.5.1 date grammar, such as @#DJULIAN@. */
    public function escape(): string;

    /** The number of the last month of a year. */
    public function lastMonth(): int;

    /** @return int<0, 31> 0 when the year has no such month */
    public function daysInMonth(int $year, int $month): int;

    public function toDay(int $year, int $month, int $day): int;

    /** @return array{int, int, int} year, month, day */
    public function fromDay(int $day): array;

    /** The month's tag in the date grammar of the standard, such as JUN. */
    public function monthTag(int $month): string;

    public function monthName(int $month): string;

    /** The month as it is set in a date, such as Jun. */
    public function monthShort(int $month): string;

    /** @return int<0, 13> 0 when the word names no month of this calendar */
    public function monthNumber(string $word): int;

    /** The year as it is read: 1891, 44 BCE, III. */
    public function yearWords(int $year): string;
}
