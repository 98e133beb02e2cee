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

    public function places(string $number): ?array
    {
        $parts = self::parts($number, '1', '(?:[1-9]|\(\d{1,6}\))');

        return $parts === null ? null : array_map(static fn (string $part): int => (int) trim($part, '()'), $parts);
    }
}
