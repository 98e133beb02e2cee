<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\NumberSystem;
use NorthBough\Core\Kin\Numbering\RegisterNumbers;

/** Descendants in register style: a number before the numeral of those who are carried on. */
final readonly class Register extends RegisterStyle
{
    protected static function system(): NumberSystem
    {
        return new RegisterNumbers;
    }

    protected function childMark(Descendant $one): string
    {
        return $one->number;
    }
}
