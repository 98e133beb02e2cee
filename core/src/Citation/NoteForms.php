<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Tree\CitedSource;

/** The three forms in which a source is told: full note, short note, bibliography entry. */
final class NoteForms
{
    /** @return list<StyledWords> */
    public static function full(CitedSource $source, string $locator): array
    {
        if ($source->forms !== null) {
            return self::ofKind($source->forms->full, $source, $locator);
        }
        $held = $source->repository === '' ? '' : "; {$source->repository}";

        return self::sentence([
            StyledWords::plain($source->author === '' ? '' : "{$source->author}, "),
            StyledWords::italic($source->title),
            StyledWords::plain($source->publication === '' ? '' : " ({$source->publication})"),
            StyledWords::plain($locator === '' ? '' : ", {$locator}"),
            StyledWords::plain($held),
        ]);
    }

    /** @return list<StyledWords> */
    public static function short(CitedSource $source, string $locator): array
    {
        if ($source->forms !== null) {
            return self::ofKind($source->forms->short, $source, $locator);
        }

        return self::sentence([
            StyledWords::plain($source->author === '' ? '' : "{$source->author}, "),
            StyledWords::italic($source->title),
            StyledWords::plain($locator === '' ? '' : ", {$locator}"),
        ]);
    }

    /** @return list<StyledWords> */
    public static function bibliography(CitedSource $source): array
    {
        if ($source->forms !== null) {
            return self::ofKind($source->forms->bibliography, $source, '');
        }

        return self::sentence([
            StyledWords::plain($source->author === '' ? '' : rtrim($source->author, '.').'. '),
            StyledWords::italic($source->title),
            StyledWords::plain(self::next($source->publication)),
            StyledWords::plain(self::next($source->repository)),
        ]);
    }

    /** @return list<StyledWords> */
    private static function ofKind(string $pattern, CitedSource $source, string $locator): array
    {
        return NotePattern::parse($pattern)
            ->set(['locator' => $locator, 'repository' => $source->repository] + ($source->forms->values ?? []));
    }

    /**
     * @param  list<StyledWords>  $parts
     * @return list<StyledWords>
     */
    private static function sentence(array $parts): array
    {
        $parts = array_values(array_filter($parts, static fn (StyledWords $words): bool => $words->text !== ''));
        $last = $parts === [] ? '' : $parts[count($parts) - 1]->text;

        return preg_match('/[.?!]$/u', $last) === 1 ? $parts : [...$parts, StyledWords::plain('.')];
    }

    /** A part that begins a sentence of its own. */
    private static function next(string $part): string
    {
        return $part === '' ? '' : '. '.SentenceCase::begun($part);
    }
}
