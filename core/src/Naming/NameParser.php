<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/**
 * Takes a typed name apart. The last word is the surname, particles before it its prefix; slashes say otherwise.
 * A single word is a given name; an initial capital alone never starts a surname prefix. With one comma the surname
 * comes first, as in an index; an index may put a prefix last ("Osk, Jan van der").
 */
final class NameParser
{
    private const PARTICLES = ['van', 'von', 'der', 'den', 'de', 'du', 'da', 'del', 'della', 'di', 'la', 'le', 'af', 'av', 'zu', 'ter',
        'ten', "'t", 'of'];

    /** Before a last word these belong to the surname: St. John. */
    private const SAINTS = ['st', 'ste', 'saint', 'sainte'];

    private const SUFFIXES = ['jr', 'sr', 'ii', 'iii', 'iv', 'junior', 'senior', 'the younger', 'the elder', 'esq'];

    private const TITLES = ['rev', 'revd', 'dr', 'capt', 'captain', 'sir', 'dame', 'lady', 'lord', 'col', 'lieut', 'sgt', 'mr', 'mrs',
        'miss'];

    public static function read(string $typed): PersonalName
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed));
        [$text, $nickname] = self::takeNickname($text);
        [$text, $suffix] = self::takeSuffix($text);
        if (preg_match('/^(?<given>[^\/]*)\/(?<surname>[^\/]*)\/?(?<suffix>.*)$/u', $text, $m) === 1) {
            [$title, $given] = self::takeTitle(trim($m['given']));
            [$prefix, $surname] = self::takePrefix(self::words(trim($m['surname'])));

            return PersonalName::of(self::known($given), self::known($surname), $prefix, trim($m['suffix'].' '.$suffix), $title, $nickname);
        }
        if (preg_match('/^(?<surname>[^,]+),\s*(?<given>(?:\p{Lu}|\p{Lo}|\?)[^,]*)$/u', $text, $m) === 1) {
            // As an index files it: the surname, a comma, and what comes before it.
            [$title, $given] = self::takeTitle(trim($m['given']));
            [$prefix, $surname] = self::takePrefix(self::words(trim($m['surname'])));
            [$given, $trailing] = $prefix === '' ? self::takeTrailing($given) : [$given, ''];

            return PersonalName::of(self::known($given), self::known($surname), $prefix === '' ? $trailing : $prefix, $suffix, $title,
                $nickname);
        }
        [$title, $text] = self::takeTitle($text);
        $words = self::words($text);
        if (count($words) < 2) {
            return PersonalName::of(self::known($text), '', '', $suffix, $title, $nickname);
        }
        $start = count($words) - 1;
        if ($start > 1 && in_array(mb_strtolower(rtrim($words[$start - 1], '.')), self::SAINTS, true)) {
            $start--;
        }
        while ($start > 1 && in_array($words[$start - 1], self::PARTICLES, true)) {
            $start--;
        }
        [$prefix, $surname] = self::takePrefix(array_slice($words, $start));

        return PersonalName::of(self::known(implode(' ', array_slice($words, 0, $start))), self::known($surname), $prefix, $suffix, $title,
            $nickname);
    }

    /** @return array{string, string} the rest, the nickname between quotes */
    private static function takeNickname(string $text): array
    {
        if (preg_match('/^(.*?)\s*["“]([^"”]+)["”]\s*(.*)$/u', $text, $m) !== 1) {
            return [$text, ''];
        }

        return [trim($m[1].' '.$m[3]), $m[2]];
    }

    /** @return array{string, string} the rest, the suffix */
    private static function takeSuffix(string $text): array
    {
        foreach (self::SUFFIXES as $suffix) {
            if (preg_match('/^(.+?),?\s+('.preg_quote($suffix, '/').'\.?)$/iu', $text, $m) === 1) {
                return [trim($m[1]), $m[2]];
            }
        }

        return [$text, ''];
    }

    /** @return array{string, string} the title, the rest */
    private static function takeTitle(string $text): array
    {
        $words = self::words($text);
        $first = mb_strtolower(rtrim($words[0] ?? '', '.'));

        return count($words) > 1 && in_array($first, self::TITLES, true)
            ? [$words[0], implode(' ', array_slice($words, 1))]
            : ['', $text];
    }

    /** @return array{string, string} the given names, and a surname prefix that stands after them */
    private static function takeTrailing(string $given): array
    {
        $words = self::words($given);
        $prefix = [];
        while (count($words) > 1 && in_array(end($words), self::PARTICLES, true)) {
            array_unshift($prefix, array_pop($words));
        }

        return [implode(' ', $words), implode(' ', $prefix)];
    }

    /**
     * @param  list<string>  $words
     * @return array{string, string} the prefix, the surname
     */
    private static function takePrefix(array $words): array
    {
        $prefix = [];
        while (count($words) > 1 && in_array($words[0], self::PARTICLES, true)) {
            $prefix[] = array_shift($words);
        }

        return [implode(' ', $prefix), implode(' ', $words)];
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return $text === '' ? [] : explode(' ', $text);
    }

    /** Question marks, dashes and dots typed for "unknown" are not a name. */
    private static function known(string $part): string
    {
        return preg_match('/^[?_.\-–—]+$/u', $part) === 1 ? '' : $part;
    }
}
