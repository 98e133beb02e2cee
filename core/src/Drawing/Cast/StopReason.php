<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

enum StopReason: string
{
    /** The drawing goes no further than so many generations. */
    case Depth = 'the drawing goes no further';
    /** They were hidden by hand. */
    case Hidden = 'hidden by hand';
    /** As files can say: somebody above themselves. */
    case Circle = 'drawn elsewhere, their own ancestor';

    public function words(): string
    {
        return match ($this) {
            self::Depth => 'not drawn',
            self::Hidden => 'hidden',
            self::Circle => 'drawn elsewhere',
        };
    }
}
