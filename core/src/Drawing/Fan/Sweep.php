<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Fan;

/** How far round a fan goes. */
enum Sweep: string
{
    case Half = 'half';
    case ThreeQuarters = 'three quarters';
    case Full = 'full';

    /** In degrees. */
    public function degrees(): float
    {
        return match ($this) {
            self::Half => 180.0,
            self::ThreeQuarters => 270.0,
            self::Full => 360.0,
        };
    }
}
