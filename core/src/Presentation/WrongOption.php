<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** An option that the kind does not have, or a word that the option does not take. */
final class WrongOption extends \DomainException
{
    public static function unknown(string $name): self
    {
        return new self("“{$name}” is no option of this kind.");
    }

    public static function value(DescribedOption $option, string $given): self
    {
        $takes = $option->type === OptionType::Number
            ? "a number from {$option->words[0]} to {$option->words[count($option->words) - 1]}" : implode(' or ', $option->words);

        return new self("{$option->label} is {$takes}, not “{$given}”.");
    }
}
