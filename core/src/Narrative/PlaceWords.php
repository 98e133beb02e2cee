<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Place\PlacePath;

/**
 * Places as a text has them: whole where they are named first, by their first name after that; what lies in a place that was named
 * is told by that one.
 */
final class PlaceWords
{
    /** What one is at, and not in. */
    private const SPOT = '/^(?:St|Saint|Our|Holy|No\.?|\d+)\b|\b(?:church|chapel|kirk|abbey|cathedral|minster|priory|cemetery|churchyard'
        .'|farm|house|hall|cottage|castle|mill|inn|hospital|infirmary|workhouse|school|college|manse|croft|stair|station|lighthouse|light'
        .'|street|road|lane|row|close|terrace|quay|pier|gate|crossroads|barracks|prison)$/iu';

    /** @var array<string, string> in full, by key */
    private array $keys = [];

    /** @var array<string, true> what was named already, each with all that it lies in */
    private array $named = [];

    /**
     * @param  string  $typed  from the smallest to the widest
     * @param  string  $key  what tells the place from others of its name; empty for none but its words
     * @return list<StyledWords> with the preposition before it; none for no place
     */
    public function where(string $typed, string $key): array
    {
        $first = PlacePath::shortOf($typed);
        if ($first === '') {
            return [];
        }
        $preposition = match (true) {
            preg_match('/^(?:at|in|near|on|off|by|aboard|between|outside|beside)\s/iu', $first) === 1 => '',
            preg_match(self::SPOT, $first) === 1 => 'at ',
            default => 'in ',
        };

        return [...$preposition === '' ? [] : [StyledWords::plain($preposition)], ...$this->name($typed, $key)];
    }

    /** @return list<StyledWords> without a preposition */
    public function name(string $typed, string $key): array
    {
        $names = PlacePath::parse($typed)->names;
        if ($names === []) {
            return [];
        }
        $upTo = count($names);
        for ($from = count($names) - 1; $from >= 0; $from--) {
            $wider = mb_strtolower(implode(', ', array_slice($names, $from)));
            $upTo = isset($this->named[$wider]) ? $from + 1 : $upTo;
            $this->named[$wider] = true;
        }

        $key = $key === '' ? implode(', ', $names) : $key;
        $this->keys[$key] ??= implode(', ', $names);

        return [StyledWords::place(implode(', ', array_slice($names, 0, $upTo)), $key)];
    }

    /** @return array<string, string> everything that was named, in full, by its key; what was named shorter too is called as the longer */
    public function named(): array
    {
        return array_map(function (string $name): string {
            $longer = array_unique(array_filter($this->keys, static fn (string $other): bool => str_starts_with($other, "{$name}, ")));

            return count($longer) === 1 ? reset($longer) : $name;
        }, $this->keys);
    }
}
