<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

/** Which of somebody's sets of parents a drawing follows. */
enum ParentSets: string
{
    case All = 'all';
    case Leading = 'leading';
}
