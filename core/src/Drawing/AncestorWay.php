<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Layered\Direction;

/** Where the parents stand in a drawing of ancestors. */
enum AncestorWay: string
{
    case Right = 'to the right';
    case Up = 'upward';

    public function direction(): Direction
    {
        return match ($this) {
            self::Right => Direction::Left,
            self::Up => Direction::Down,
        };
    }
}
