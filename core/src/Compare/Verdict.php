<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

/** How two values stand to one another. Only hard grounds contradict; what misses by an allowance of ours strains. */
enum Verdict: string
{
    case Same = 'same';
    case Fits = 'fits';
    case Strains = 'strains';
    case Contradicts = 'contradicts';
    case Incomparable = 'incomparable';

    /** The kinder of two, where one of several readings is enough. */
    public function orKinder(self $otherVerdict): self
    {
        return $this->rank() <= $otherVerdict->rank() ? $this : $otherVerdict;
    }

    private function rank(): int
    {
        return match ($this) {
            self::Same => 0,
            self::Fits => 1,
            self::Strains => 2,
            self::Contradicts => 3,
            self::Incomparable => 4,
        };
    }
}
