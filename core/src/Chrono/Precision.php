<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** How finely the words name the time. `None` is a phrase that names none. */
enum Precision: string
{
    case Day = 'day';
    case Month = 'month';
    case Season = 'season';
    case Quarter = 'quarter';
    case Year = 'year';
    case Decade = 'decade';
    case Century = 'century';
    case None = 'none';
}
