<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** How a kind of record counts age. */
enum AgeConvention: string
{
    case Completed = 'completed';
    case Running = 'running';
    case NextBirthday = 'next birthday';
    /** Over fifteen, down to a multiple of five, as the census of 1841 asked. */
    case Rounded = 'rounded';
}
