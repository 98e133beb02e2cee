<?php

declare(strict_types=1);

namespace App\Http\Api;

/** A column that a list can be sorted by, both ways; what is not known comes last either way. */
final readonly class SortColumn
{
    /** Sorts after every letter. */
    public const AFTER_ALL = "\u{10FFFF}";

    private const LEAST = -2147483647;

    private const MOST = 2147483647;

    /**
     * @param  string  $up  SQL of its key from the least on, with an index of its own
     * @param  string  $down  and of that from the most on
     */
    private function __construct(public string $up, public string $down, public bool $isWords)
    {
    }

    /** @param  string  $column  of words that are always known */
    public static function words(string $column): self
    {
        return new self($column, $column, true);
    }

    /** @param  string  $column  of words that may be empty */
    public static function wordsOrNone(string $column): self
    {
        return new self("coalesce(nullif({$column}, ''), '".self::AFTER_ALL."')", $column, true);
    }

    /** @param  string  $column  of numbers that are always known */
    public static function number(string $column): self
    {
        return new self($column, $column, false);
    }

    /** @param  string  $column  of numbers that may be null */
    public static function numberOrNone(string $column): self
    {
        return new self("coalesce({$column}, ".self::MOST.')', "coalesce({$column}, ".self::LEAST.')', false);
    }
}
