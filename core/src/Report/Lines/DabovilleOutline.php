<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\Daboville;
use NorthBough\Core\Kin\Numbering\NumberSystem;

/** Descendants as an outline with the numbers of Daboville. */
final readonly class DabovilleOutline extends Outline
{
    protected static function system(): NumberSystem
    {
        return new Daboville;
    }
}
