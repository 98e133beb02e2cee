<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/**
 * a, b1, b1.c2 …: a letter for each generation and the place among all children of all marriages. After z the letters are doubled.
 * Source: Christoffel Coetzee de Villiers, Geslachtregister der Oude Kaapsche Familien, 1894; Cornelis Pama's edition of 1966.
 */
final readonly class VilliersPama extends PathNumbers
{
    public static function code(): string
    {
        return 'villiers-pama';
    }

    public static function title(): string
    {
        return 'de Villiers and Pama';
    }

    protected function first(): string
    {
        return 'a';
    }

    protected function below(string $above, int $place, int $generation): string
    {
        return ($generation === 2 ? '' : "{$above}.").$this->letters($generation).$place;
    }

    public function places(string $number): ?array
    {
        if ($number === 'a') {
            return [];
        }
        $places = [];
        foreach (explode('.', $number) as $at => $part) {
            $letters = $this->letters($at + 2);
            if (preg_match("/^{$letters}(\d{1,6})$/D", $part, $m) !== 1) {
                return null;
            }
            $places[] = (int) $m[1];
        }

        return $places;
    }

    private function letters(int $generation): string
    {
        return str_repeat(chr(ord('a') + ($generation - 1) % 26), intdiv($generation - 1, 26) + 1);
    }
}
