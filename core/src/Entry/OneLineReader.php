<?php

declare(strict_types=1);

namespace NorthBough\Core\Entry;

use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\Sex;

/**
 * Reads "Ewan Tarrel h b 14 June 1891 Kirkhaven d 1950": a name; then b, m, d, each with a date, a place or both;
 * w, h or x at the end of the name gives the sex. The letters count in lower case only.
 */
final class OneLineReader
{
    private const EVENTS = ['b' => 'birth', 'm' => 'marriage', 'd' => 'death'];

    private const SEXES = ['w' => Sex::Female, 'h' => Sex::Male, 'x' => Sex::Other];

    public static function read(string $line): OneLineEntry
    {
        $tokens = explode(' ', trim((string) preg_replace('/\s+/u', ' ', $line)));
        /** @var list<array{string, list<string>}> $parts */
        $parts = [['', []]];
        foreach ($tokens as $index => $token) {
            $kind = self::EVENTS[$token] ?? '';
            $startsEvent = $kind !== '' && $index > 0 && isset($tokens[$index + 1])
                && ! in_array($kind, array_column($parts, 0), true);
            if ($startsEvent) {
                $parts[] = [$kind, []];
            } else {
                $parts[count($parts) - 1][1][] = $token;
            }
        }
        [, $name] = array_shift($parts);
        $sex = count($name) > 1 ? self::SEXES[$name[count($name) - 1]] ?? Sex::Unknown : Sex::Unknown;
        if ($sex !== Sex::Unknown) {
            array_pop($name);
        }
        $events = [];
        foreach ($parts as [$kind, $words]) {
            $events[$kind] = EntryEvent::parse(implode(' ', $words));
        }

        return new OneLineEntry(PersonalName::parse(rtrim(implode(' ', $name), ' ,')), $sex, $events);
    }
}
