<?php

declare(strict_types=1);

namespace NorthBough\Core\Stored;

use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** What is said of the properties of a described class, read once a process. */
final class Description
{
    /** @var array<class-string, list<DescribedField>> */
    private static array $read = [];

    /**
     * @param  class-string<Described>  $class
     * @return list<DescribedField> in the order of its constructor
     */
    public static function of(string $class): array
    {
        return self::$read[$class] ??= array_map(self::field(...), self::parameters($class));
    }

    /**
     * The fields that are columns of the thing's own table, those of embedded values in their place.
     *
     * @param  class-string<Described>  $class
     * @return list<DescribedField>
     */
    public static function columns(string $class): array
    {
        $columns = [];
        foreach (self::of($class) as $field) {
            if ($field->isEmbedded && is_a($field->type, Described::class, true)) {
                array_push($columns, ...self::columns($field->type));
            } elseif (! $field->said->isElsewhere) {
                $columns[] = $field;
            }
        }

        return $columns;
    }

    /**
     * @param  class-string  $class
     * @return list<ReflectionParameter>
     */
    private static function parameters(string $class): array
    {
        return (new ReflectionClass($class))->getConstructor()
            ?->getParameters() ?? throw new LogicException("{$class} has no constructor whose properties could be described.");
    }

    private static function field(ReflectionParameter $parameter): DescribedField
    {
        $type = $parameter->getType();
        $attribute = $parameter->getAttributes(Field::class)[0] ?? null;

        return new DescribedField(
            $parameter->getName(),
            $type instanceof ReflectionNamedType ? $type->getName() : 'mixed',
            $type?->allowsNull() ?? true,
            $attribute?->newInstance() ?? new Field,
        );
    }
}
