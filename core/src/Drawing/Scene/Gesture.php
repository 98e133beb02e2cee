<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

use NorthBough\Core\Drawing\Cast\Toward;

/** What it does to choose a hit area. */
enum Gesture: string
{
    case Open = 'open';
    case BringParents = 'bring parents';
    case BringChildren = 'bring children';
    case BringPartners = 'bring partners';

    public static function toBring(Toward $toward): self
    {
        return self::from("bring {$toward->value}");
    }
}
