<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Precision;
use NorthBough\Core\Chrono\Reading;
use NorthBough\Core\Chrono\Reckoning;

/** 1850s, early 1850s. Early, middle and late are the years 0 to 3, 4 to 6 and 7 to 9. */
final readonly class Decade implements DateForm
{
    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        if (preg_match('/^(?:the )?(?:(early|mid|middle|late)[ -])?(\d{3}0)\'?s$/iu', $text, $m) !== 1) {
            return null;
        }
        $part = strtolower($m[1]);
        [$from, $to] = match ($part) {
            'early' => [0, 3],
            'mid', 'middle' => [4, 6],
            'late' => [7, 9],
            default => [0, 9],
        };
        $first = CalendarDate::year(Calendars::gregorian(), (int) $m[2] + $from);
        $last = CalendarDate::year(Calendars::gregorian(), (int) $m[2] + $to);

        return GenDate::of($text, DateKind::Between, Precision::Decade, [new Reading($first->span()->hull($last->span()))],
            "BET {$first->standardWords()} AND {$last->standardWords()}",
            ($part === '' ? '' : $part.' ').$m[2].'s', 'GREGORIAN');
    }
}
