<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

/** What somebody said of two who may be one. */
enum Ruling: string
{
    case Different = 'different';
    case NotNow = 'not now';
}
