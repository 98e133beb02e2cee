<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

/** How the roman numerals of somebody's children run. */
enum Numerals: string
{
    case Through = 'through';
    case Anew = 'anew';
}
