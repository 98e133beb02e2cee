<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

enum AgeUnit
{
    case Years;
    case Months;
    case Weeks;
    case Days;

    public function one(): Lapse
    {
        return match ($this) {
            self::Years => new Lapse(1, 0, 0),
            self::Months => new Lapse(0, 1, 0),
            self::Weeks => new Lapse(0, 0, 7),
            self::Days => new Lapse(0, 0, 1),
        };
    }
}
