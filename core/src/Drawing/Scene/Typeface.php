<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

enum Typeface: string
{
    case Serif = 'serif';
    case Sans = 'sans';
}
