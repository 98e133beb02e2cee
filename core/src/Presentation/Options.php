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
    /** @var array<class-string, list<array{ReflectionParameter, DescribedOption|null}>> */
    private static array $read = [];

    /**
     * @param  class-string  $class
     * @return list<DescribedOption> in the order in which they are asked
     */
    public static function of(string $class): array
    {
        $options = [];
        foreach (self::parameters($class) as [$parameter, $described]) {
            array_push($options, ...($described === null ? self::of(self::nested($parameter)) : [$described]));
        }

        return $options;
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
            if ($option === null) {
                $own = array_flip(array_map(static fn (DescribedOption $part): string => $part->name, self::of(self::nested($parameter))));
                $values[$parameter->getName()] = self::make(self::nested($parameter), array_intersect_key($given, $own));
                $given = array_diff_key($given, $own);

                continue;
            }
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

    /** @return int|bool|BackedEnum|list<BackedEnum> */
    private static function value(ReflectionParameter $parameter, DescribedOption $option, string $given): int|bool|BackedEnum|array
    {
        if ($option->type === OptionType::Several) {
            return self::several($parameter, $option, $given);
        }
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
     * @return list<BackedEnum>
     *
     * @throws WrongOption
     */
    private static function several(ReflectionParameter $parameter, DescribedOption $option, string $given): array
    {
        $words = array_map(trim(...), explode(',', $given));
        $words = array_values(array_unique(array_filter($words, static fn (string $word): bool => $word !== '')));
        if (array_diff($words, $option->words) !== []) {
            throw WrongOption::value($option, $given);
        }
        $enum = self::attribute($parameter)->of ?? throw new \LogicException("{$option->name} is a list that does not say of what.");

        return array_map(static fn (string $word): BackedEnum => $enum::from($word), $words);
    }

    /**
     * @param  class-string  $class
     * @return list<array{ReflectionParameter, DescribedOption|null}> null where the parameter has options of its own
     */
    private static function parameters(string $class): array
    {
        return self::$read[$class] ??= array_map(
            static fn (ReflectionParameter $parameter): array => [$parameter,
                $parameter->getAttributes(Option::class) === [] ? null : self::described($parameter)],
            (new ReflectionClass($class))->getConstructor()?->getParameters() ?? []);
    }

    private static function described(ReflectionParameter $parameter): DescribedOption
    {
        $option = self::attribute($parameter);
        $usual = $parameter->getDefaultValue();
        $enum = self::enumOf($parameter);
        [$type, $usual, $words] = match (true) {
            is_int($usual) => [OptionType::Number, (string) $usual, array_map(strval(...), range($option->from, $option->to))],
            is_bool($usual) => [OptionType::YesNo, $usual ? 'yes' : 'no', ['yes', 'no']],
            $usual instanceof BackedEnum && $enum !== null => [OptionType::Choice, (string) $usual->value,
                array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases())],
            is_array($usual) && $option->of !== null => [OptionType::Several,
                implode(',', array_map(static fn (BackedEnum $case): string => (string) $case->value, $usual)),
                array_map(static fn (BackedEnum $case): string => (string) $case->value, $option->of::cases())],
            default => throw new \LogicException("{$parameter->getName()} is of a type that no form asks for."),
        };

        return new DescribedOption($parameter->getName(), $type, $option->label, $option->says, $usual, $words);
    }

    private static function attribute(ReflectionParameter $parameter): Option
    {
        return $parameter->getAttributes(Option::class)[0]->newInstance();
    }

    /** @return class-string what a parameter that is no option itself is made of */
    private static function nested(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();
        if (! $type instanceof ReflectionNamedType || ! class_exists($type->getName())) {
            throw new \LogicException("{$parameter->getName()} is an option that does not say what it is.");
        }

        return $type->getName();
    }

    /** @return class-string<BackedEnum>|null null where the parameter is no enumeration */
    private static function enumOf(ReflectionParameter $parameter): ?string
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return is_a($name, BackedEnum::class, true) ? $name : null;
    }
}
