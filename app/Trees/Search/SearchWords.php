<?php

declare(strict_types=1);

namespace App\Trees\Search;

use NorthBough\Core\Naming\SearchForm;

/** What was typed to find something, as patterns for LIKE on a search column: every word has to be there. */
final class SearchWords
{
    /** @return list<string> the words in their search form, what LIKE would read as a sign escaped */
    public static function of(string $typed): array
    {
        $words = array_filter(explode(' ', SearchForm::of($typed)), static fn (string $word): bool => $word !== '');

        return array_values(array_map(static fn (string $word): string => addcslashes($word, '%_\\'), $words));
    }
}
