<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

enum NameKind: string
{
    case Birth = 'birth';
    case Married = 'married';
    case AlsoKnownAs = 'aka';
    case Religious = 'religious';
    case Immigrant = 'immigrant';
    case Maiden = 'maiden';
    case Professional = 'professional';
    case Other = 'other';
    case Unstated = 'unstated';

    /** The TYPE of a NAME in GEDCOM; other words are of kind Other and kept as written. */
    public static function fromStandard(string $type): self
    {
        return match (strtolower(trim($type))) {
            '' => self::Unstated,
            default => self::tryFrom(strtolower(trim($type))) ?? self::Other,
        };
    }

    public function standard(): string
    {
        return $this === self::Unstated ? '' : strtoupper($this->value);
    }

    public function word(): string
    {
        return match ($this) {
            self::Birth => 'birth name',
            self::Married => 'married name',
            self::AlsoKnownAs => 'also known as',
            self::Religious => 'religious name',
            self::Immigrant => 'name after migration',
            self::Maiden => 'maiden name',
            self::Professional => 'professional name',
            self::Other => 'other name',
            self::Unstated => 'name',
        };
    }
}
