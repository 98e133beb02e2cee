<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

enum AgeUnit
{
    case Years;
    case Months;
    case Weeks;
    case Days;

    public function one(): CalendarInterval
    {
        return match ($this) {
            self::Years => new CalendarInterval(1, 0, 0),
            self::Months => new CalendarInterval(0, 1, 0),
            self::Weeks => new CalendarInterval(0, 0, 7),
            self::Days => new CalendarInterval(0, 0, 1),
        };
    }
}
