<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\Henry;
use NorthBough\Core\Kin\Numbering\NumberSystem;

/** Descendants as an outline with the numbers of Henry. */
final readonly class HenryOutline extends Outline
{
    protected static function system(): NumberSystem
    {
        return new Henry;
    }
}
