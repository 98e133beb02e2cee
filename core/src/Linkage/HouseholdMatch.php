<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

/** The people of the tree for whom the lines of a record stand, all lines together. */
final readonly class HouseholdMatch
{
    /** Odds of being nobody of the tree from which somebody new is proposed without asking. */
    private const CERTAINLY_NEW = 0.95;

    /** Odds from which somebody is proposed without asking. */
    private const RATHER_THAN_NOT = 0.5;

    /**
     * @param  array<string, string>  $placed  person by line; a line that is nobody of the tree is missing
     * @param  array<string, list<MatchOffer>>  $offers  by line, the likeliest first
     * @param  array<string, float>  $newOdds  by line, of being nobody of the tree
     */
    public function __construct(public array $placed, public array $offers, public array $newOdds)
    {
    }

    /** Whether somebody of the tree is near enough to a line that is to be somebody new, or to the one proposed, to ask first. */
    public function isOpen(string $line): bool
    {
        return isset($this->placed[$line])
            ? $this->odds($line, $this->placed[$line]) < self::RATHER_THAN_NOT
            : ($this->newOdds[$line] ?? 1.0) < self::CERTAINLY_NEW;
    }

    /** The odds of a line being somebody; 0 where they are not among those offered. */
    public function odds(string $line, string $personId): float
    {
        foreach ($this->offers[$line] ?? [] as $offer) {
            if ($offer->personId === $personId) {
                return $offer->odds;
            }
        }

        return 0.0;
    }
}
