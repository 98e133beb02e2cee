<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

use BackedEnum;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * The options of a kind of drawing or report are the parameters it is made with, each described by an Option. So they
 * have types where they are used, and the page, the command line and a saved drawing all know them from one place.
 */
final class Options
{
    /** @var array<class-string, list<array{ReflectionParameter, DescribedOption}>> */
    private static array $read = [];

    /**
     * @param  class-string  $class
     * @return list<DescribedOption> in the order in which they are asked
     */
    public static function of(string $class): array
    {
        return array_column(self::parameters($class), 1);
    }

    /**
     * Makes one with these options; what is not given is as usual.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<string, string>  $given  by name, as words
     * @return T
     *
     * @throws WrongOption
     */
    public static function make(string $class, array $given): object
    {
        $values = [];
        foreach (self::parameters($class) as [$parameter, $option]) {
            if (isset($given[$option->name])) {
                $values[$parameter->getName()] = self::value($parameter, $option, trim($given[$option->name]));
            }
            unset($given[$option->name]);
        }
        if ($given !== []) {
            throw WrongOption::unknown((string) array_key_first($given));
        }

        return new $class(...$values);
    }

    private static function value(ReflectionParameter $parameter, DescribedOption $option, string $given): int|bool|BackedEnum
    {
        if (! in_array($given, $option->words, true)) {
            throw WrongOption::value($option, $given);
        }
        $enum = self::enumOf($parameter);

        return match (true) {
            $option->type === OptionType::Number => (int) $given,
            $enum === null => $given === 'yes',
            default => $enum::from($given),
        };
    }

    /**
     * @param  class-string  $class
     * @return list<array{ReflectionParameter, DescribedOption}>
     */
    private static function parameters(string $class): array
    {
        return self::$read[$class] ??= array_map(
            static fn (ReflectionParameter $parameter): array => [$parameter, self::described($parameter)],
            (new ReflectionClass($class))->getConstructor()?->getParameters() ?? []);
    }

    private static function described(ReflectionParameter $parameter): DescribedOption
    {
        $option = ($parameter->getAttributes(Option::class)[0] ?? null)?->newInstance()
            ?? throw new \LogicException("{$parameter->getName()} is an option that does not say what it is.");
        $usual = $parameter->getDefaultValue();
        $enum = self::enumOf($parameter);
        [$type, $usual, $words] = match (true) {
            is_int($usual) => [OptionType::Number, (string) $usual, array_map(strval(...), range($option->from, $option->to))],
            is_bool($usual) => [OptionType::YesNo, $usual ? 'yes' : 'no', ['yes', 'no']],
            $usual instanceof BackedEnum && $enum !== null => [OptionType::Choice, (string) $usual->value,
                array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases())],
            default => throw new \LogicException("{$parameter->getName()} is of a type that no form asks for."),
        };

        return new DescribedOption($parameter->getName(), $type, $option->label, $option->says, $usual, $words);
    }

    /** @return class-string<BackedEnum>|null null where the parameter is no enumeration */
    private static function enumOf(ReflectionParameter $parameter): ?string
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return is_a($name, BackedEnum::class, true) ? $name : null;
    }
}
