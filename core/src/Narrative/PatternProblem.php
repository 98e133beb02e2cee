<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

/** A sentence of one's own that cannot be read; the message says what is wrong with it. */
final class PatternProblem extends \DomainException
{
    public static function brackets(): self
    {
        return new self('A bracket in the sentence is not closed, or stands inside another.');
    }

    public static function field(string $field): self
    {
        return new self("The sentence names {$field}. It can name {".implode('}, {', SentencePattern::FIELDS).'}.');
    }
}
