<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\Precision;

/** 1891, 44 BCE; and 1731/2 without a month, which is either year until somebody says. */
final readonly class BareYear implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        $pattern = str_replace('\d{3,4}', '\d{1,4}', YearWords::PATTERN);
        if (preg_match('/^'.$pattern.'$/iu', $text, $m) !== 1 || (strlen($m['year']) < 3 && ($m['bce'] ?? '') === '')
            || (int) $m['year'] === 0) {
            return null;
        }
        $stretches = YearWords::from($m, $convention)?->whole();
        if ($stretches === null || count($stretches) === 1) {
            return $stretches === null ? null : GenDate::exact($text, $stretches);
        }
        [$first, $last] = $stretches;

        return GenDate::of($text, DateKind::Between, Precision::Year, [new Interpretation($first->span), new Interpretation($last->span)],
            "BET {$first->normal} AND {$last->normal}", "{$first->shown} or {$last->shown}", $first->calendar->keyword());
    }
}
