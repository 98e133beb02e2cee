<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** Where the younger generations stand. */
enum Direction: string
{
    case Down = 'down';
    case Right = 'right';
    /** Ancestors to the right of whom they are the ancestors of. */
    case Left = 'left';

    public function isUpright(): bool
    {
        return $this === self::Down;
    }
}
