<?php

declare(strict_types=1);

namespace App\Trees\Storage;

use Illuminate\Support\Str;
use NorthBough\Core\Family\NewIds;

/** Ids of rows as `TreeModel` makes them: UUIDs of version 7, each after all before (RFC 9562, 5.7). */
final readonly class OrderedIds implements NewIds
{
    public function next(): string
    {
        return (string) Str::uuid7();
    }
}
