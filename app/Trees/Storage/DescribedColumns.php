<?php

declare(strict_types=1);

namespace App\Trees\Storage;

use App\Models\Casts\DateColumns;
use BackedEnum;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\DescribedField;
use NorthBough\Core\Stored\Description;
use stdClass;

/** The columns of a described value, both ways, as its description says. */
final class DescribedColumns
{
    /** @return array<string, string|int|bool|null> every column but those that are kept elsewhere */
    public static function of(Described $value): array
    {
        $columns = [];
        foreach (Description::of($value::class) as $field) {
            if (! $field->said->isElsewhere) {
                $columns += self::column($field, $value->{$field->name});
            }
        }

        return $columns;
    }

    /**
     * @template T of Described
     *
     * @param  class-string<T>  $class
     * @param  array<string, mixed>  $elsewhere  by property, what is not in the row
     * @return T
     */
    public static function restore(string $class, stdClass $row, array $elsewhere = []): Described
    {
        $arguments = [];
        foreach (Description::of($class) as $field) {
            if (array_key_exists($field->name, $elsewhere)) {
                $arguments[$field->name] = $elsewhere[$field->name];
            } elseif ($field->isEmbedded && is_a($field->type, Described::class, true)) {
                $arguments[$field->name] = self::restore($field->type, $row);
            } elseif (! $field->said->isElsewhere) {
                $arguments[$field->name] = self::value($field, $row);
            }
        }

        return new $class(...$arguments);
    }

    /**
     * Some texts of a described value, as they stand in its columns.
     *
     * @param  class-string<Described>  $class
     * @param  array<string, mixed>  $columns
     * @param  list<string>  $names  of its properties
     * @return array<string, string> by property
     */
    public static function texts(string $class, array $columns, array $names): array
    {
        $texts = [];
        foreach (Description::of($class) as $field) {
            $value = $columns[$field->column] ?? '';
            $texts += in_array($field->name, $names, true) && is_string($value) ? [$field->name => $value] : [];
        }

        return $texts;
    }

    /**
     * What is said of a described value anew, by its columns.
     *
     * @param  class-string<Described>  $class
     * @param  object  $input  whose properties are called as those of the value; null leaves one as it is
     * @param  list<string>  $but  properties that are not taken from it
     * @return array<string, string>
     */
    public static function said(string $class, object $input, array $but = []): array
    {
        $columns = [];
        foreach (Description::of($class) as $field) {
            $given = $input->{$field->name} ?? null;
            $columns += is_string($given) && ! in_array($field->name, $but, true) ? [$field->column => trim($given)] : [];
        }

        return $columns;
    }

    /** @return array<string, string|int|bool|null> */
    private static function column(DescribedField $field, mixed $value): array
    {
        $column = $field->column;

        return match (true) {
            $value instanceof Described => self::of($value),
            $value === null && $field->isEmbedded => [],
            $value instanceof GenDate => DateColumns::of($value),
            $field->said->owners !== [] => self::owner($value, $field->said->owners),
            $value instanceof BackedEnum => [$column => $value->value],
            is_array($value) => [$column => self::json($field->isNullable ? $value : (object) $value)],
            $value === '' && $field->isId => [$column => null],
            $value === '' => [$column => $field->said->unsaid],
            default => [$column => $value],
        };
    }

    private static function value(DescribedField $field, stdClass $row): mixed
    {
        $value = $row->{$field->column} ?? null;

        return match (true) {
            $field->type === GenDate::class => DateColumns::restore((array) $row),
            is_a($field->type, BackedEnum::class, true) => ($field->type)::from($value),
            $field->type === 'array' => $value === null ? ($field->isNullable ? null : [])
                : json_decode($value, true, flags: JSON_THROW_ON_ERROR),
            $field->type === 'string' && ! $field->isNullable => $value === null || $value === $field->said->unsaid ? '' : $value,
            default => $value,
        };
    }

    /**
     * @param  list<string>  $kinds  every kind of owner that the table knows
     * @return array<string, string|null>
     */
    public static function owner(?FactRef $owner, array $kinds): array
    {
        $columns = [];
        foreach ($kinds as $kind) {
            $columns["{$kind}_id"] = $owner?->kind->value === $kind ? $owner->id : null;
        }

        return $columns;
    }

    /** @param  object|array<mixed>  $value */
    public static function json(object|array $value): string
    {
        return str_replace('\u0000', '', json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
