<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

enum Hemisphere: string
{
    case North = 'north';
    case South = 'south';
}
