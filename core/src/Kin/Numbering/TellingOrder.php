<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** In which order the descendants of somebody are told. */
enum TellingOrder
{
    /** All of one generation before the next. */
    case ByGeneration;
    /** Each child followed by those who descend from them. */
    case ByLine;
}
