<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\NumberSystem;
use NorthBough\Core\Kin\Numbering\VilliersPama;

/** Descendants as an outline with the numbers of VilliersPama. */
final readonly class VilliersPamaOutline extends Outline
{
    protected static function system(): NumberSystem
    {
        return new VilliersPama;
    }
}
