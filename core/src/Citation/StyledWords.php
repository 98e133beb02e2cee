<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** Some words in one style; a note mark when `note` is above 0. */
final readonly class StyledWords
{
    private function __construct(public string $text, public string $style, public int $note)
    {
    }

    public static function plain(string $text): self
    {
        return new self($text, 'plain', 0);
    }

    public static function italic(string $text): self
    {
        return new self($text, 'italic', 0);
    }

    public static function name(string $text): self
    {
        return new self($text, 'name', 0);
    }

    public static function faint(string $text): self
    {
        return new self($text, 'faint', 0);
    }

    /** The number of a source note, from 1. */
    public static function noteMark(int $note): self
    {
        return new self((string) $note, 'note', $note);
    }
}
