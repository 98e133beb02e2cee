<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/**
 * What whoever made a file asked of it (RESN: 5.5.1, RESTRICTION_NOTICE; version 7, g7:enumset-RESN). What is confidential
 * or private is withheld from whatever leaves and from readers, as a living person is; what is locked is only marked.
 */
final readonly class Restriction
{
    private const WORDS = ['confidential', 'privacy', 'locked'];

    /** @param  list<string>  $words  of WORDS, in that order */
    private function __construct(private array $words)
    {
    }

    /** Of RESN in either version; words that it does not have are none. */
    public static function fromStandard(string $words): self
    {
        return new self(array_values(array_intersect(self::WORDS, preg_split('/[\s,]+/', strtolower($words)) ?: [])));
    }

    /** Whether every word is one that the standard has. */
    public static function isKnown(string $words): bool
    {
        $restrictions = preg_split('/[\s,]+/', strtolower(trim($words)), flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return $restrictions !== [] && array_diff($restrictions, self::WORDS) === [];
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** confidential, locked: as it is stored and written in 5.5.1; empty for none. */
    public function words(): string
    {
        return implode(', ', $this->words);
    }

    public function withholds(): bool
    {
        return array_intersect(['confidential', 'privacy'], $this->words) !== [];
    }
}
