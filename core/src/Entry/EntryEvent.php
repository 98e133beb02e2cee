<?php

declare(strict_types=1);

namespace NorthBough\Core\Entry;

use NorthBough\Core\Chrono\GenDate;

final readonly class EntryEvent
{
    public function __construct(public GenDate $date, public string $place)
    {
    }

    /** Splits "14 June 1891 Kirkhaven" where the longest beginning that is a date ends. */
    public static function parse(string $words): self
    {
        $tokens = explode(' ', trim((string) preg_replace('/\s+/u', ' ', $words)));
        for ($length = count($tokens); $length > 0; $length--) {
            $text = rtrim(implode(' ', array_slice($tokens, 0, $length)), ',');
            $date = GenDate::parse($text);
            if ($date->readings !== [] || $date->problem !== '') {
                return new self($date, self::place(array_slice($tokens, $length)));
            }
        }

        return new self(GenDate::phrase(''), self::place($tokens));
    }

    /** @param  list<string>  $tokens */
    private static function place(array $tokens): string
    {
        return (string) preg_replace('/^(?:at|in) (?=\S)/', '', trim(implode(' ', $tokens), ' ,'));
    }
}
