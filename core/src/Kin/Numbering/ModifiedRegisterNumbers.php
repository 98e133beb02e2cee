<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/**
 * A number for everybody in the order in which they are listed; a sign before it says who is carried on.
 * Source: the Record or modified Register style of the National Genealogical Society Quarterly, since 1912.
 */
final readonly class ModifiedRegisterNumbers implements NumberSystem
{
    public static function code(): string
    {
        return 'modified-register';
    }

    public static function title(): string
    {
        return 'Modified register';
    }

    public function order(): TellingOrder
    {
        return TellingOrder::ByGeneration;
    }

    public function number(Descent $descent): Descent
    {
        return $descent->numbered(array_map(
            static fn (Descendant $one, int $at): Descendant => $one->numbered((string) ($at + 1), $one->isProvisional),
            $descent->list, array_keys($descent->list)));
    }
}
