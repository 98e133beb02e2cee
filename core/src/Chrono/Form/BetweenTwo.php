<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;

/** bet 1850 and 1855, 1850-1855, 1850–5, May-Jun 1891, 14/15 Jun 1891, 1850 or 1851: one moment, somewhere within. */
final readonly class BetweenTwo implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:between|betw?\.?|btw\.?) (.+?) (?:and|&|-|–) (.+)$/iu', $text, $m) !== 1
            && preg_match('/^(.*\d|\p{L}+\.?) ?[-–] ?(\S.*)$/u', $text, $m) !== 1
            && preg_match('/^(\d{1,2}|\p{L}+\.?) ?\/ ?(\S.*\D \d{4}|\p{L}+\.? \d{4})$/u', $text, $m) !== 1
            && preg_match('/^(\S.*?) or (\S.*)$/iu', $text, $m) !== 1) {
            return null;
        }
        $last = trim($m[2]);
        if (preg_match('/(\d{4})$/', $m[1], $year) === 1 && preg_match('/^\d{1,2}$/', $last) === 1) {
            $last = substr($year[1], 0, 4 - strlen($last)).$last;
        }
        $to = $reader->plain($last, $convention);
        $from = $to === null ? null : $reader->begun($m[1], $last, $convention);
        if ($from === null || $to === null) {
            return null;
        }
        $span = DaySpan::between($from->span()?->earliest, $to->span()?->latest);

        return GenDate::of($text, DateKind::Between, $from->precision, [new Interpretation($span)],
            "BET {$from->beginning()} AND {$to->ending()}", "between {$from->shown} and {$to->shown}", $from->calendar);
    }
}
