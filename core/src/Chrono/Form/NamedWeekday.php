<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DayOrder;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\Precision;
use NorthBough\Core\Chrono\Weekday;

/** Sunday 14 June 1891. The day of the week can settle two readings, and is told when it agrees with none. */
final readonly class NamedWeekday implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:on )?(\p{L}+)\.?,? (?:the )?(\d.*|\p{L}+ \d.*)$/u', $text, $m) !== 1) {
            return null;
        }
        $weekday = Weekday::fromWord($m[1]);
        $date = $weekday === null ? null : $reader->plain($m[2], $convention);
        if ($weekday === null || $date === null || $date->precision !== Precision::Day) {
            return null;
        }
        $falls = static fn (Interpretation $reading): bool => Weekday::of((int) $reading->begin->earliest) === $weekday;
        $agreeing = array_values(array_filter($date->readings, $falls));
        if ($agreeing === []) {
            $was = Weekday::of((int) $date->readings[0]->begin->earliest)->value;

            return $date->remarked("{$date->shown} was a {$was}, not a {$weekday->value}.");
        }
        if (count($agreeing) === count($date->readings)) {
            return $date;
        }

        return $this->settled($m[2], $agreeing[0], $convention, $reader) ?? $date;
    }

    /** The words once more under each reckoning that could settle them, until the day is the one that agrees. */
    private function settled(string $text, Interpretation $agreeing, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        $ways = [
            $convention->ordered(DayOrder::DayFirst), $convention->ordered(DayOrder::MonthFirst),
            $convention->in(Calendars::gregorian()), DatingConvention::oldStyle(null),
        ];
        foreach ($ways as $way) {
            $date = $reader->plain($text, $way);
            if ($date !== null && ! $date->isAmbiguous() && $date->readings[0]->begin->earliest === $agreeing->begin->earliest) {
                return $date;
            }
        }

        return null;
    }
}
