<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\BookYear;
use NorthBough\Core\Chrono\DatingConvention;

/** A year as it stands after a day or a month: 1891, 1731/2, 44 BCE. */
final class YearWords
{
    public const PATTERN = '(?<year>\d{3,4}|\d{1,2}(?=\s*b\.?\s?c))(?:[\/–](?<second>\d{1,2}|\d{4}))?(?<bce>\s*b\.?\s?c\.?(?:\s?e\.?)?)?';

    /**
     * @param  array<array-key, string>  $match  of PATTERN
     * @return BookYear|null null when the second year is not the one after the first
     */
    public static function from(array $match, DatingConvention $convention): ?BookYear
    {
        $year = (int) $match['year'];
        if (($match['bce'] ?? '') !== '') {
            return BookYear::bare(1 - $year, $convention);
        }
        $second = $match['second'] ?? '';
        if ($second === '') {
            return BookYear::bare($year, $convention);
        }

        return str_ends_with((string) ($year + 1), $second) ? BookYear::dual($year + 1, $convention) : null;
    }
}
