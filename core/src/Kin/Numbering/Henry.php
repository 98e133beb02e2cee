<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/**
 * 1, 11, 12, 121 … with one sign a child: 1 to 9, X for the tenth, A for the eleventh and on from there. After Z, which is the
 * thirty-fifth since X is taken, numbers stand in brackets. Source: Reginald Buchanan Henry, Genealogies of the Families of the
 * Presidents, 1935.
 */
final readonly class Henry extends PathNumbers
{
    private const AFTER_TEN = 'ABCDEFGHIJKLMNOPQRSTUVWYZ';

    public static function code(): string
    {
        return 'henry';
    }

    public static function title(): string
    {
        return 'Henry';
    }

    protected function first(): string
    {
        return '1';
    }

    protected function below(string $above, int $place, int $generation): string
    {
        return $above.match (true) {
            $place < 10 => (string) $place,
            $place === 10 => 'X',
            $place - 11 < strlen(self::AFTER_TEN) => self::AFTER_TEN[$place - 11],
            default => "({$place})",
        };
    }

    public function places(string $number): ?array
    {
        $parts = self::parts(strtoupper($number), '1', '(?:[1-9A-Z]|\(\d{1,6}\))');

        return $parts === null ? null : array_map(static fn (string $part): int => match (true) {
            $part === 'X' => 10,
            ctype_alpha($part) => 11 + (int) strpos(self::AFTER_TEN, $part),
            default => (int) trim($part, '()'),
        }, $parts);
    }
}
