<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

enum DateKind: string
{
    case Exact = 'exact';
    case About = 'about';
    case Estimated = 'estimated';
    case Calculated = 'calculated';
    case Before = 'before';
    case After = 'after';
    case Between = 'between';
    case Period = 'period';
    case Phrase = 'phrase';
}
