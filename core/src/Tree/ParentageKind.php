<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** What makes somebody a parent. Step parents are computed from unions, never stored. */
enum ParentageKind: string
{
    case Birth = 'birth';
    case Adoptive = 'adoptive';
    case Foster = 'foster';
    case Guardian = 'guardian';
    case Recognised = 'recognised';
    case Other = 'other';

    /** PEDI of either version. Nothing said is birth; a word that the standard does not have is kept as written. */
    public static function fromStandard(string $pedi, string $phrase = ''): self
    {
        return match (strtolower(trim($pedi))) {
            '', 'birth' => self::Birth,
            'adopted' => self::Adoptive,
            'foster' => self::Foster,
            default => self::tryFrom(strtolower(trim($phrase))) ?? self::Other,
        };
    }

    /** PHRASE beneath PEDI, for the kinds that the standard has only as OTHER. */
    public function standardPhrase(): string
    {
        return match ($this) {
            self::Guardian, self::Recognised => $this->value,
            default => '',
        };
    }

    public function standard(): string
    {
        return match ($this) {
            self::Birth => 'BIRTH',
            self::Adoptive => 'ADOPTED',
            self::Foster => 'FOSTER',
            self::Guardian, self::Recognised, self::Other => 'OTHER',
        };
    }

    /** The word at the child's end of a drawn line; a child by birth has none. */
    public function mark(): string
    {
        return match ($this) {
            self::Birth => '',
            self::Adoptive => 'ad.',
            self::Foster => 'fo.',
            self::Guardian => 'gu.',
            self::Recognised => 'rec.',
            self::Other => 'oth.',
        };
    }

    /** Before "parent of", with the space after it; a parent by birth needs none. */
    public function adjective(): string
    {
        return match ($this) {
            self::Birth => '',
            self::Adoptive, self::Foster, self::Guardian, self::Recognised => "{$this->value} ",
            self::Other => 'of another kind ',
        };
    }
}
