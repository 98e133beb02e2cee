<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Naming\PersonalName;

/** A NAME with the lines of its parts as one name. A part that has no line of its own, or an empty one, is read from the payload. */
final class NameLines
{
    public const PARTS = ['NPFX', 'GIVN', 'NICK', 'SPFX', 'SURN', 'NSFX'];

    /** @param  array<string, string>  $parts by tag, those that have a line */
    public static function read(string $payload, array $parts): PersonalName
    {
        $read = PersonalName::parse($payload);
        $part = static fn (string $tag): string => $parts[$tag] ?? '';

        return PersonalName::of(
            given: $part('GIVN') ?: $read->given,
            surname: $part('SURN') ?: $read->surname,
            surnamePrefix: $part('SPFX') ?: $read->surnamePrefix,
            suffix: $part('NSFX') ?: $read->suffix,
            title: $part('NPFX') ?: $read->title,
            nickname: $part('NICK') ?: $read->nickname,
        );
    }
}
