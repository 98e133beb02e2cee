<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Henry's system with the tenth child and those after as (10), (11) …, so that no sign has to be learnt. */
final readonly class ModifiedHenry extends PathNumbers
{
    public static function code(): string
    {
        return 'modified-henry';
    }

    public static function title(): string
    {
        return 'Henry, modified';
    }

    protected function first(): string
    {
        return '1';
    }

    protected function below(string $above, int $place, int $generation): string
    {
        return $above.($place < 10 ? (string) $place : "({$place})");
    }
}
