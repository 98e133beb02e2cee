<?php

declare(strict_types=1);

namespace NorthBough\Core\Entry;

use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/**
 * Reads "Ewan Tarrel h b 14 June 1891 Kirkhaven d 1950": a name; then b, m, d (or born, married, died), each with a date,
 * a place or both, "at" or "in" before the place or not; w, h or x at the end of the name gives the sex. The letters and
 * words count in lower case only.
 */
final class OneLineParser
{
    private const EVENTS = ['b' => 'birth', 'born' => 'birth', 'm' => 'marriage', 'married' => 'marriage', 'd' => 'death',
        'died' => 'death'];

    private const SEXES = ['w' => Sex::Female, 'h' => Sex::Male, 'x' => Sex::Other];

    public static function read(string $line): OneLineEntry
    {
        $tokens = explode(' ', trim((string) preg_replace('/\s+/u', ' ', $line)));
        $name = [];
        /** @var array<string, list<string>> $parts */
        $parts = [];
        $at = '';
        foreach ($tokens as $index => $token) {
            $kind = self::EVENTS[$token] ?? '';
            if ($kind !== '' && $index > 0 && isset($tokens[$index + 1]) && ! isset($parts[$kind])) {
                $parts[$at = $kind] = [];
            } elseif ($at === '') {
                $name[] = $token;
            } else {
                $parts[$at][] = $token;
            }
        }
        $sex = count($name) > 1 ? self::SEXES[$name[count($name) - 1]] ?? Sex::Unknown : Sex::Unknown;
        if ($sex !== Sex::Unknown) {
            array_pop($name);
        }
        $events = [];
        foreach ($parts as $kind => $words) {
            $events[$kind] = EntryEvent::parse(implode(' ', $words));
        }

        return new OneLineEntry(PersonalName::parse(rtrim(implode(' ', $name), ' ,')), $sex, $events);
    }
}
