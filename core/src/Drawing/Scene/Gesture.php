<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** What it does to choose a hit area. */
enum Gesture: string
{
    case Open = 'open';
    case DrawFrom = 'draw from';
}
