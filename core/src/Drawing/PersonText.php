<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** What a drawing says of a person, in a line each. */
final class PersonText
{
    private const BEGINNINGS = ['birth' => 'born', 'christening' => 'christened', 'baptism' => 'baptised'];

    private const ENDS = ['death' => 'died', 'burial' => 'buried', 'cremation' => 'cremated'];

    /** @return list<string> */
    public static function lines(Person $person): array
    {
        return array_values(array_filter([
            self::line($person->leading(...array_keys(self::BEGINNINGS)), self::BEGINNINGS),
            self::line($person->leading(...array_keys(self::ENDS)), self::ENDS),
        ], static fn (string $line): bool => $line !== ''));
    }

    /** Whether the facts that are drawn stand on records: cited, partly, uncited. */
    public static function backing(Person $person): string
    {
        $events = array_filter([$person->leading(...array_keys(self::BEGINNINGS)), $person->leading(...array_keys(self::ENDS))]);
        $cited = array_filter($events, static fn (Event $event): bool => $event->grounds() !== []);

        return match (count($cited)) {
            0 => 'uncited',
            count($events) => 'cited',
            default => 'partly',
        };
    }

    /** @param  array<string, string>  $words */
    private static function line(?Event $event, array $words): string
    {
        if ($event === null) {
            return '';
        }
        $text = implode(', ', array_filter([$event->date->shown, PlacePath::shortOf($event->place)], static fn (string $s): bool => $s !== ''));

        return trim("{$words[$event->kind]} {$text}");
    }
}
