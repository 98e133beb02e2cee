<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/** A name or place as it is searched for: lower case, without accents or marks. */
final class SearchForm
{
    private static ?\Transliterator $folder = null;

    private static ?\Transliterator $latin = null;

    /** The same in Latin letters, for a name in another script; the form itself for one in ours. */
    public static function latin(string $text): string
    {
        if (preg_match('/[^\p{Latin}\P{L}]/u', $text) !== 1) {
            return self::of($text);
        }
        self::$latin ??= \Transliterator::create('Any-Latin; NFD; [:Nonspacing Mark:] Remove; Lower; Latin-ASCII; NFC')
            ?? throw new \LogicException('The intl extension cannot make its transliterator.');

        return self::of((string) self::$latin->transliterate($text));
    }

    public static function of(string $text): string
    {
        // Most names need no folding, and the transliterator costs as much as all the rest of an index line.
        if (! preg_match('/[^\x00-\x7F]/', $text)) {
            return trim((string) preg_replace('/[^a-z0-9]+/', ' ', strtolower($text)));
        }
        self::$folder ??= \Transliterator::create('NFD; [:Nonspacing Mark:] Remove; Lower; Latin-ASCII; NFC')
            ?? throw new \LogicException('The intl extension cannot make its transliterator.');
        $folded = self::$folder->transliterate($text);

        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', $folded === false ? mb_strtolower($text) : $folded));
    }
}
