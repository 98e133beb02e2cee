<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** Some words in one style; a note mark when `note` is above 0. */
final readonly class StyledWords
{
    /** @param  string  $to  of somebody or a place that is named its key in an index; of a link the anchor that it leads to */
    private function __construct(public string $text, public string $style, public int $note, public string $to)
    {
    }

    public static function plain(string $text): self
    {
        return new self($text, 'plain', 0, '');
    }

    public static function italic(string $text): self
    {
        return new self($text, 'italic', 0, '');
    }

    public static function bold(string $text): self
    {
        return new self($text, 'bold', 0, '');
    }

    public static function name(string $text): self
    {
        return new self($text, 'name', 0, '');
    }

    public static function faint(string $text): self
    {
        return new self($text, 'faint', 0, '');
    }

    /** Above the line, as the number of a generation stands after a name. */
    public static function raised(string $text): self
    {
        return new self($text, 'raised', 0, '');
    }

    /** Somebody by name, where an index of people finds them. */
    public static function person(string $text, string $personId): self
    {
        return new self($text, 'person', 0, $personId);
    }

    /** @param  string  $key  what tells the place from others of its name */
    public static function place(string $text, string $key): self
    {
        return new self($text, 'place', 0, $key);
    }

    /** Leads to an anchor of the same document. */
    public static function link(string $text, string $anchor): self
    {
        return new self($text, 'link', 0, $anchor);
    }

    /** The number of a source note, from 1. */
    public static function noteMark(int $note): self
    {
        return new self((string) $note, 'note', $note, '');
    }

    /** The same with other words: as the first of a sentence, say. */
    public function saying(string $text): self
    {
        return new self($text, $this->style, $this->note, $this->to);
    }

    /** @param  list<self>  $words */
    public static function textOf(array $words): string
    {
        return implode('', array_map(static fn (self $part): string => $part->note > 0 ? '' : $part->text, $words));
    }
}
