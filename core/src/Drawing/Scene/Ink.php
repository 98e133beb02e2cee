<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** What a mark is printed with. Paper and screen, light and dark, each have their own colour for it. */
enum Ink: string
{
    case Ink = 'ink';
    case Graphite = 'graphite';
    case Hairline = 'hairline';
    /** What waits for somebody. */
    case Waiting = 'waiting';
    /** Words that lead somewhere. */
    case Link = 'link';
}
