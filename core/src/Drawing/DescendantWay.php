<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Layered\Direction;

/** Where the children stand in a drawing of descendants. */
enum DescendantWay: string
{
    case Right = 'to the right';
    case Down = 'downward';

    public function direction(): Direction
    {
        return match ($this) {
            self::Right => Direction::Right,
            self::Down => Direction::Down,
        };
    }
}
