<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\BookYear;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\NoSuchDay;
use NorthBough\Core\Chrono\Precision;

/** ? Jun 1891, 14 ? 1891, 189?, 18??: what cannot be read is left open. */
final readonly class MonthOrYear implements DateForm
{
    private const GAP = '(?:\?{1,4}|_{1,4}|-{2,4}|…|\.{2,3})';

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(\d{2})(\d)?[?_]{1,2}$/u', $text, $m) === 1 && strlen($m[0]) === 4) {
            return $this->openYear($text, $m[1].($m[2] ?? ''), $convention);
        }
        // An unread day leaves the month, an unread month the year.
        if (preg_match('/^'.self::GAP.'[\s.,\/-]+(.+)$/u', $text, $m) === 1) {
            return $reader->plain($m[1], $convention)?->typedAs($text);
        }
        if (preg_match('/^(\d{1,2})(?:st|nd|rd|th)?[\s.,\/-]+'.self::GAP.'[\s.,\/-]+(\d{4})$/u', $text, $m) === 1) {
            if ((int) $m[1] > 31) {
                throw NoSuchDay::ofAnyMonth((int) $m[1]);
            }
            $year = BookYear::bare((int) $m[2], $convention)->whole();

            return GenDate::exact($text, [$year[0]->shownAs("the {$m[1]}. of a month in {$m[2]}")]);
        }

        return null;
    }

    private function openYear(string $text, string $digits, DatingConvention $convention): GenDate
    {
        $from = (int) str_pad($digits, 4, '0');
        $to = (int) str_pad($digits, 4, '9');

        return GenDate::between($text, BookYear::bare($from, $convention)->whole()[0], BookYear::bare($to, $convention)->whole()[0],
            strlen($digits) === 3 ? Precision::Decade : Precision::Century,
            strlen($digits) === 3 ? "{$digits}0s" : "{$from} to {$to}");
    }
}
