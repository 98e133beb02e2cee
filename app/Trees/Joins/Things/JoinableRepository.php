<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Repository;

final class JoinableRepository extends Joinable
{
    public static function code(): string
    {
        return 'repository';
    }

    public static function model(): string
    {
        return Repository::class;
    }

    public static function keptColumn(): string
    {
        return 'kept_repository_id';
    }

    public static function alikeBy(): string
    {
        return 'name';
    }

    public static function columns(): array
    {
        return ['Name' => 'name'];
    }
}
