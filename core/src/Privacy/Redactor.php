<?php

declare(strict_types=1);

namespace NorthBough\Core\Privacy;

use Closure;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\DescribedField;
use NorthBough\Core\Stored\Description;

/**
 * Copies of described values without the living: their names taken out of every text that is not declared safe, their
 * ids out of what names people. What is added to a value is redacted from its first day.
 */
final readonly class Redactor
{
    /**
     * @param  Closure(string): string  $hide  takes names out of a text
     * @param  Closure(string): string  $hideInLines  takes names out of lines of a file
     * @param  Closure(string): bool  $isLiving  told the id of a person
     */
    public function __construct(private Closure $hide, private Closure $hideInLines, private Closure $isLiving)
    {
    }

    /**
     * @template T of Described
     *
     * @param  T  $value
     * @return T
     */
    public function copy(Described $value): Described
    {
        $arguments = [];
        foreach (Description::of($value::class) as $field) {
            $arguments[$field->name] = $this->redacted($field, $value->{$field->name});
        }

        return new ($value::class)(...$arguments);
    }

    private function redacted(DescribedField $field, mixed $value): mixed
    {
        return match (true) {
            $field->said->namesPerson => $this->withoutLiving($value, $field->isNullable),
            $field->said->isSafe => $value,
            default => $this->hidden($value, $field->said->holdsLines ? $this->hideInLines : $this->hide),
        };
    }

    private function withoutLiving(mixed $ids, bool $isNullable): mixed
    {
        return match (true) {
            is_array($ids) => array_values(array_filter($ids, fn (mixed $id): bool => ! is_string($id) || ! ($this->isLiving)($id))),
            is_string($ids) && $ids !== '' && ($this->isLiving)($ids) => $isNullable ? null : '',
            default => $ids,
        };
    }

    /** @param  Closure(string): string  $hide */
    private function hidden(mixed $value, Closure $hide): mixed
    {
        return match (true) {
            is_string($value) => $hide($value),
            is_array($value) => array_map(fn (mixed $value): mixed => $this->hidden($value, $hide), $value),
            $value instanceof Described => $this->copy($value),
            default => $value,
        };
    }
}
