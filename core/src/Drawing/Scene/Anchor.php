<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** Which part of a text stands at its point, in the words of SVG 1.1, 10.9.1. */
enum Anchor: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
}
