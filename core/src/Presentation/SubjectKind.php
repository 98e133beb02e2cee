<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** What a drawing or a report can be about. */
enum SubjectKind: string
{
    case Person = 'person';
    case People = 'people';
    /** With whom a line begins: one person, or a couple for their common children alone. */
    case Line = 'line';
    case Couple = 'couple';
    case Record = 'record';
    case Question = 'question';
    case Set = 'set';
    case Text = 'text';
    case Book = 'book';
    /** All of it, or what of it has to do with some people. */
    case Tree = 'tree';

    /** In a sentence: "There is no … of that number". */
    public function word(): string
    {
        return match ($this) {
            self::Person, self::Couple, self::Record, self::Question, self::Tree, self::Text, self::Book => $this->value,
            self::People, self::Line => 'person',
            self::Set => 'working set',
        };
    }
}
