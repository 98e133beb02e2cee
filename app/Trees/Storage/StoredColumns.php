<?php

declare(strict_types=1);

namespace App\Trees\Storage;

use App\Models\TreeModel;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\DescribedBy;
use NorthBough\Core\Stored\Description;
use ReflectionAttribute;
use ReflectionClass;

/**
 * What is said of the columns of a model, once: by the value of core that describes it, and beside it on the model
 * itself. Journal, redaction and the check of the migrations follow from it.
 */
final class StoredColumns
{
    /** @var array<class-string<TreeModel>, array<string, Column>> */
    private static array $read = [];

    /**
     * @param  class-string<TreeModel>  $model
     * @return array<string, Column> by name; neither what every row has nor the days of a date
     */
    public static function of(string $model): array
    {
        return self::$read[$model] ??= array_column([...self::described($model), ...self::beside($model)], null, 'name');
    }

    /**
     * @param  class-string<TreeModel>  $model
     * @return array<string, string> what the journal calls those that people write, by name
     */
    public static function words(string $model): array
    {
        return array_filter(array_map(static fn (Column $column): string => $column->word, self::of($model)));
    }

    /**
     * @param  class-string<TreeModel>  $model
     * @return list<string> those in which somebody's own words may stand
     */
    public static function freeTexts(string $model): array
    {
        return array_keys(array_filter(self::of($model), static fn (Column $column): bool => ! $column->isSafe));
    }

    /**
     * @param  class-string<TreeModel>  $model
     * @return list<class-string<Described>> the value of core that describes it, where there is one
     */
    public static function describedBy(string $model): array
    {
        return array_map(static fn (ReflectionAttribute $by): string => $by->newInstance()->class,
            (new ReflectionClass($model))->getAttributes(DescribedBy::class));
    }

    /**
     * @param  class-string<TreeModel>  $model
     * @return list<Column>
     */
    private static function described(string $model): array
    {
        $columns = [];
        foreach (array_merge([], ...array_map(Description::columns(...), self::describedBy($model))) as $field) {
            $names = $field->said->owners === [] ? [$field->column]
                : array_map(static fn (string $kind): string => "{$kind}_id", $field->said->owners);
            foreach ($names as $name) {
                $columns[] = new Column($name, $field->said->word, ! $field->isFreeText());
            }
        }

        return $columns;
    }

    /**
     * @param  class-string<TreeModel>  $model
     * @return list<Column>
     */
    private static function beside(string $model): array
    {
        return array_map(static fn (ReflectionAttribute $column): Column => $column->newInstance(), (new ReflectionClass($model))
            ->getAttributes(Column::class));
    }
}
