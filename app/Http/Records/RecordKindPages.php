<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Records\Resources\ColumnResource;
use App\Http\Records\Resources\RecordKindResource;
use App\Http\Records\Resources\RollRoleResource;
use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Role;

/** Kinds of record for the page. */
final class RecordKindPages
{
    public static function resource(RecordKind $kind, int $version = 0): RecordKindResource
    {
        return new RecordKindResource(
            $kind->code, $kind->name, $kind->words, ! isset(RecordKinds::all()[$kind->code]), $kind->isTall, $kind->ageConvention->value,
            $kind->event,
            array_map(self::column(...), $kind->heads), array_map(self::column(...), $kind->columns),
            array_map(static fn (Role $role): RollRoleResource => new RollRoleResource($role->code, $role->word, $role->tie->value,
                $role->isAside, $role->mayRepeat), $kind->roles),
            $version, json_encode($kind->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        );
    }

    private static function column(Column $column): ColumnResource
    {
        return new ColumnResource($column->code, $column->label, $column->meaning->value, $column->width, $column->hint,
            $column->meaning->carries(), $column->meaning === ColumnMeaning::Number);
    }
}
