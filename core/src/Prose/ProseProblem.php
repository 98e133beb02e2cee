<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A text that cannot be read; the message says what is wrong with it. */
final class ProseProblem extends \DomainException
{
    public static function part(string $type): self
    {
        return new self("A text has no part of the kind “{$type}”.");
    }

    public static function tooDeep(): self
    {
        return new self('Lists and quotations in a text lie within each other too deeply.');
    }

    public static function incomplete(string $type, string $attribute): self
    {
        return new self("A part of the kind “{$type}” does not say its {$attribute}.");
    }
}
