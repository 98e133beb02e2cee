<?php

declare(strict_types=1);

namespace App\Trees\Search;

/** A line of the list of couples. */
final readonly class CoupleRow
{
    private function __construct(public string $unionId, public string $marriedShown, public string $marriedPlace, public int $children)
    {
    }

    /** @param  array<string, mixed>  $columns  of `couple_lines` */
    public static function read(array $columns): self
    {
        return new self($columns['union_id'], $columns['married_shown'], $columns['married_place'], $columns['children']);
    }
}
