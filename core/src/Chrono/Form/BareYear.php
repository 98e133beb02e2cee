<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Precision;
use NorthBough\Core\Chrono\Reading;
use NorthBough\Core\Chrono\Reckoning;

/** 1891, 44 BCE; and 1731/2 without a month, which is either year until somebody says. */
final readonly class BareYear implements DateForm
{
    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        $pattern = str_replace('\d{3,4}', '\d{1,4}', YearWords::PATTERN);
        if (preg_match('/^'.$pattern.'$/iu', $text, $m) !== 1 || (strlen($m['year']) < 3 && ($m['bce'] ?? '') === '')) {
            return null;
        }
        $year = YearWords::from($m, $reckoning);
        if ($year === null) {
            return null;
        }
        $last = CalendarDate::year($year->calendar, $year->year);
        if (! $year->dual) {
            return GenDate::exact($text, [$last]);
        }
        $first = CalendarDate::year($year->calendar, $year->year - 1);

        return GenDate::of($text, DateKind::Between, Precision::Year, [new Reading($first->span()->hull($last->span()))],
            'BET '.GenDate::standard($first).' AND '.GenDate::standard($last),
            $first->shown().' or '.$last->shown(), $year->calendar->keyword());
    }
}
