<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

/** The years after which somebody counts as dead although no death is known; both are the user's. */
final readonly class DeathYears
{
    public const AFTER_BIRTH = 110;

    public const AFTER_ADULT_EVENT = 100;

    private function __construct(public int $yearsAfterBirth, public int $yearsAfterAdultEvent)
    {
    }

    public static function usual(): self
    {
        return new self(self::AFTER_BIRTH, self::AFTER_ADULT_EVENT);
    }

    public static function of(int $yearsAfterBirth, int $yearsAfterAdultEvent): self
    {
        return new self($yearsAfterBirth, $yearsAfterAdultEvent);
    }
}
