<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\ModifiedRegisterNumbers;
use NorthBough\Core\Kin\Numbering\NumberSystem;

/** Descendants in the modified register style: a number for every child, and + before it where the child is carried on. */
final readonly class ModifiedRegister extends RegisterStyle
{
    protected static function system(): NumberSystem
    {
        return new ModifiedRegisterNumbers;
    }

    protected function childMark(Descendant $one): string
    {
        return ($one->isCarriedOn ? '+ ' : '').$one->number;
    }
}
