<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/**
 * How a name sounds, coarsely: names that clerks heard as one get one code. Letters that are heard alike are made
 * alike, what is not heard is dropped, then all vowels but a leading one. Rules of our own from English, Norse and
 * Celtic spelling habits; another habit is one line in RULES.
 */
final class SoundCode
{
    private const RULES = [
        '/^(mac|mc|m\')/' => 'mk', '/^kn|^gn|^pn/' => 'n', '/^wr/' => 'r', '/^ps/' => 's', '/wh/' => 'w', '/^x/' => 's', '/^rh/' => 'r',
        '/tsch|tch|sch(?=[eiy])/' => 'c', '/sch|sh|sj|skj/' => 's', '/ch(?=[rl])|kh/' => 'k', '/ch/' => 'k', '/ph|pf/' => 'f',
        '/gh(?=[aeiouy])/' => 'g', '/gh/' => '',
        '/qu|kw|cw/' => 'k', '/q/' => 'k', '/ck|cc(?![eiy])/' => 'k', '/c(?=[eiy])/' => 's', '/c/' => 'k', '/x/' => 'ks', '/z|ss/' => 's',
        '/dg(?=[eiy])|g(?=[eiy])/' => 'j', '/th|dh/' => 't', '/dt\b|dt/' => 't', '/v/' => 'f', '/mb$/' => 'm', '/y/' => 'i',
        '/w/' => '', '/h/' => '', '/p(?=t)/' => '', '/d/' => 't', '/b/' => 'p', '/g/' => 'k', '/j/' => 'k',
    ];

    /** @return string empty for a word without letters of the Latin script */
    public static function of(string $word): string
    {
        $letters = (string) preg_replace('/[^a-z\']/', '', SearchForm::of($word));
        if ($letters === '') {
            return '';
        }
        $heard = (string) preg_replace(array_keys(self::RULES), array_values(self::RULES), $letters);
        $first = $heard === '' ? '' : (str_contains('aeiou', $heard[0]) ? 'a' : $heard[0]);
        $rest = (string) preg_replace('/[aeiou]/', '', substr($heard, 1));

        return (string) preg_replace('/(.)\1+/', '$1', $first.$rest);
    }

    /**
     * @return list<string> the code of each word
     */
    public static function each(string $words): array
    {
        return array_values(array_unique(array_filter(array_map(self::of(...), explode(' ', SearchForm::of($words))))));
    }
}
