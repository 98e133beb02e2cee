<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Report\Node\Words;
use NorthBough\Core\Tree\CitedSource;

/** The three forms in which a source is told: full note, short note, bibliography entry. */
final class NoteForms
{
    /** @return list<Words> */
    public static function full(CitedSource $source, string $locator): array
    {
        if ($source->forms !== null) {
            return self::ofKind($source->forms->full, $source, $locator);
        }
        $held = $source->repository === '' ? '' : "; {$source->repository}";

        return self::sentence([
            Words::plain($source->author === '' ? '' : "{$source->author}, "),
            Words::italic($source->title),
            Words::plain($source->publication === '' ? '' : " ({$source->publication})"),
            Words::plain($locator === '' ? '' : ", {$locator}"),
            Words::plain($held),
        ]);
    }

    /** @return list<Words> */
    public static function short(CitedSource $source, string $locator): array
    {
        if ($source->forms !== null) {
            return self::ofKind($source->forms->short, $source, $locator);
        }

        return self::sentence([
            Words::plain($source->author === '' ? '' : "{$source->author}, "),
            Words::italic($source->title),
            Words::plain($locator === '' ? '' : ", {$locator}"),
        ]);
    }

    /** @return list<Words> */
    public static function bibliography(CitedSource $source): array
    {
        if ($source->forms !== null) {
            return self::ofKind($source->forms->bibliography, $source, '');
        }

        return self::sentence([
            Words::plain($source->author === '' ? '' : rtrim($source->author, '.').'. '),
            Words::italic($source->title),
            Words::plain(self::next($source->publication)),
            Words::plain(self::next($source->repository)),
        ]);
    }

    /** @return list<Words> */
    private static function ofKind(string $pattern, CitedSource $source, string $locator): array
    {
        return NotePattern::parse($pattern)->set(['locator' => $locator, 'repository' => $source->repository] + ($source->forms->values ?? []));
    }

    /**
     * @param  list<Words>  $parts
     * @return list<Words>
     */
    private static function sentence(array $parts): array
    {
        $parts = array_values(array_filter($parts, static fn (Words $words): bool => $words->text !== ''));
        $last = $parts === [] ? '' : $parts[count($parts) - 1]->text;

        return preg_match('/[.?!]$/u', $last) === 1 ? $parts : [...$parts, Words::plain('.')];
    }

    /** A part that begins a sentence of its own. */
    private static function next(string $part): string
    {
        return $part === '' ? '' : '. '.SentenceCase::begun($part);
    }
}
