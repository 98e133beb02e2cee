<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/**
 * The kinds of drawing, or those of report, by code.
 *
 * @template-covariant T of Presented
 */
final readonly class Kinds
{
    /**
     * @param  string  $what  drawing, report
     * @param  non-empty-list<class-string<T>>  $classes  in the order in which they are offered
     */
    public function __construct(private string $what, public array $classes)
    {
    }

    /**
     * @return class-string<T>
     *
     * @throws UnknownKind
     */
    public function named(string $code): string
    {
        foreach ($this->classes as $class) {
            if ($class::code() === $code) {
                return $class;
            }
        }

        throw UnknownKind::of($this->what, $code, $this->codes());
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_map(static fn (string $class): string => $class::code(), $this->classes);
    }

    /** @return list<DescribedOption> every option of any of them, each name once */
    public function options(): array
    {
        $options = [];
        foreach ($this->classes as $class) {
            foreach (Options::of($class) as $option) {
                $options[$option->name] ??= $option;
            }
        }

        return array_values($options);
    }
}
