<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * Days that were reckoned and not read, in words. Where books still wrote old style, such a day stands in none of them:
 * it says that it is new style.
 */
final class DayWords
{
    /** @param  int  $day  a Julian Day Number */
    public static function of(int $day): string
    {
        return self::bare($day).self::style($day);
    }

    /** @return string the same without its style, where another day beside it says that for both */
    public static function bare(int $day): string
    {
        return GenDate::parse(IsoDay::of($day))->shown;
    }

    /** @return string ", new style", or nothing where both styles are one */
    public static function style(int $day): string
    {
        return Calendars::gregorian()->fromDay($day)[0] <= DatingConvention::OLD_STYLE_ENDS ? ', new style' : '';
    }
}
