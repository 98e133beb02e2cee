<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Tree;
use Illuminate\Support\Str;

/** A tree as commands name it: by its name or its id. */
final class TreeNamed
{
    public static function find(string $nameOrId): ?Tree
    {
        return Tree::query()->when(
            Str::isUuid($nameOrId),
            static fn ($query) => $query->where('id', $nameOrId),
            static fn ($query) => $query->where('name', $nameOrId)->orderBy('created_at'),
        )->first();
    }
}
