<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** What a drawing or a report can be about. */
enum SubjectKind: string
{
    case Person = 'person';
    case People = 'people';
    case Couple = 'couple';
    case Record = 'record';
    case Question = 'question';
    case Set = 'set';

    /** In a sentence: "There is no … of that number". */
    public function word(): string
    {
        return match ($this) {
            self::Person, self::Couple, self::Record, self::Question => $this->value,
            self::People => 'person',
            self::Set => 'working set',
        };
    }
}
