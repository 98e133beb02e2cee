<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** Which of two bare numbers is the day, where a source, a jurisdiction or the tree settles it. */
enum DayOrder: string
{
    case Unsettled = 'unsettled';
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';
}
