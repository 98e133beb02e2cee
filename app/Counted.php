<?php

declare(strict_types=1);

namespace App;

use Illuminate\Support\Str;

/** “1 person”, “2,345 people”: every count in a sentence is said by this. */
final class Counted
{
    /** @param  string  $many  what more than one are called; empty for the plural that English makes of it */
    public static function of(int $count, string $singular, string $many = ''): string
    {
        return number_format($count).' '.($count === 1 ? $singular : ($many === '' ? Str::plural($singular) : $many));
    }
}
