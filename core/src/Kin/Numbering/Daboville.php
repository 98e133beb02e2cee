<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** 1, 1.1, 1.2, 1.2.1 … Source: Jacques d'Aboville's system of 1940. */
final readonly class Daboville extends PathNumbers
{
    public static function code(): string
    {
        return 'daboville';
    }

    public static function title(): string
    {
        return 'd’Aboville';
    }

    protected function first(): string
    {
        return '1';
    }

    protected function below(string $above, int $place, int $generation): string
    {
        return "{$above}.{$place}";
    }

    public function places(string $number): ?array
    {
        $parts = self::parts($number, '1', '\.\d{1,6}');

        return $parts === null ? null : array_map(static fn (string $part): int => (int) substr($part, 1), $parts);
    }
}
