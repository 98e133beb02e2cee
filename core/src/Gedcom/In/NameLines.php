<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Naming\PersonalName;

/**
 * A NAME with the lines of its parts as one name. The payload is the name as it was written: what a line repeats of it is
 * said once, what a line adds is taken, and a line that says otherwise is none of this name's. Without slashes nothing says
 * which word is a surname, and so none is (5.5.1, NAME_PERSONAL; version 7, section 2.7.2).
 */
final readonly class NameLines
{
    public const PARTS = ['NPFX', 'GIVN', 'NICK', 'SPFX', 'SURN', 'NSFX'];

    /** @param  list<string>  $agreeing  tags of the lines that are of this name */
    private function __construct(public PersonalName $name, public array $agreeing)
    {
    }

    /** @param  array<string, string>  $parts by tag, those that have a line */
    public static function read(string $payload, array $parts): self
    {
        if (str_contains($payload, '/')) {
            $name = PersonalName::parse($payload);
            $named = ['NPFX' => $name->title, 'GIVN' => $name->given, 'NICK' => $name->nickname, 'SPFX' => $name->surnamePrefix,
                'SURN' => $name->surname, 'NSFX' => $name->suffix];
            if (array_diff_assoc($parts, $named) === []) {
                return new self($name, array_keys($parts));
            }
        }
        $parts = array_map(static fn (string $words): string => self::plain(str_replace(['/', ','], ' ', $words)), $parts);
        $part = static fn (string $tag): string => $parts[$tag] ?? '';
        [$before, $surname, $after] = self::pieces($payload, $part('SURN'));
        $read = PersonalName::parse("{$before} /{$surname}/ {$after}");
        $title = self::begins($read->title === '' ? $before : "{$read->title} {$before}", $part('NPFX')) ? $part('NPFX') : $read->title;
        $given = self::without(self::without($read->given, $title), $part('NICK'));
        $given = $surname === '' ? self::withoutEnd($given, $part('NSFX')) : $given;
        $prefix = $part('SPFX') !== '' && self::begins($surname, $part('SPFX')) ? $part('SPFX') : $read->surnamePrefix;
        $suffix = $part('NSFX') !== '' && self::ends($surname, $part('NSFX')) ? $part('NSFX') : $read->suffix;
        $bare = self::withoutEnd(self::without($surname, $prefix), $suffix);
        $pieces = ['NPFX' => $title, 'GIVN' => $given, 'NICK' => $read->nickname, 'SPFX' => $prefix, 'SURN' => $bare, 'NSFX' => $suffix];
        $agreeing = [];
        foreach ($parts as $tag => $words) {
            $isOfName = $pieces[$tag] === '' || self::isWithin($words, "{$before} {$surname} {$after} {$pieces[$tag]}");
            if ($isOfName) {
                $agreeing[] = $tag;
                $pieces[$tag] = $pieces[$tag] === '' ? self::without(self::without($words, $pieces['SPFX']), $tag === 'GIVN' ? $title : '')
                    : $pieces[$tag];
            }
        }

        return new self(
            PersonalName::of($pieces['GIVN'], $pieces['SURN'], $pieces['SPFX'], $pieces['NSFX'], $pieces['NPFX'], $pieces['NICK']),
            $agreeing);
    }

    /** @return array{string, string, string} what stands before the surname, the surname, what stands after */
    private static function pieces(string $payload, string $surname): array
    {
        if (preg_match('/^([^\/]*)\/([^\/]*)\/?(.*)$/su', $payload, $m) === 1) {
            return [self::plain($m[1]), self::plain($m[2]), self::plain(str_replace('/', ' ', $m[3]))];
        }
        $whole = self::plain($payload);

        return $surname !== '' && self::ends($whole, $surname) ? [self::withoutEnd($whole, $surname), $surname, ''] : [$whole, '', ''];
    }

    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $words));
    }

    private static function begins(string $words, string $with): bool
    {
        return $with !== '' && ($words === $with || str_starts_with(mb_strtolower($words), mb_strtolower($with).' '));
    }

    private static function ends(string $words, string $with): bool
    {
        return $with !== '' && ($words === $with || str_ends_with(mb_strtolower($words), ' '.mb_strtolower($with)));
    }

    /** The words without some at their beginning, or without a nickname between quotes. */
    private static function without(string $words, string $some): string
    {
        if ($some === '') {
            return $words;
        }
        $bare = self::begins($words, $some) && $words !== $some ? substr($words, strlen($some)) : $words;

        return self::plain((string) preg_replace('/["“(]'.preg_quote($some, '/').'["”)]/u', ' ', $bare));
    }

    private static function withoutEnd(string $words, string $some): string
    {
        return self::ends($words, $some) && $words !== $some ? self::plain(substr($words, 0, -strlen($some))) : $words;
    }

    /** Whether every word stands among others, quotes and small letters aside. */
    private static function isWithin(string $words, string $among): bool
    {
        $split = static fn (string $text): array => preg_split('/[\s"“”(),]+/u', mb_strtolower($text), flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return array_diff($split($words), $split($among)) === [];
    }
}
