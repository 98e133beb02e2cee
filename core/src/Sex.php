<?php

declare(strict_types=1);

namespace NorthBough\Core;

/** Sex as GEDCOM has it. */
enum Sex: string
{
    case Female = 'F';
    case Male = 'M';
    case Other = 'X';
    case Unknown = 'U';

    public static function fromStandard(string $payload): self
    {
        return self::tryFrom(strtoupper(trim($payload))) ?? self::Unknown;
    }

    public function word(): string
    {
        return match ($this) {
            self::Female => 'female',
            self::Male => 'male',
            self::Other => 'other',
            self::Unknown => 'unknown',
        };
    }
}
