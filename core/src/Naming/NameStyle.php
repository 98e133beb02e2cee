<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/** How a reader wants names to be shown. It changes no name. */
final readonly class NameStyle
{
    public function __construct(
        public NameOrder $order = NameOrder::GivenFirst,
        public bool $capitals = false,
        public MarriedName $married = MarriedName::Birth,
    ) {
    }

    public static function usual(): self
    {
        return new self;
    }

    public function isUsual(): bool
    {
        return $this == self::usual();
    }

    /** A surname as this reader sees it. */
    public function surname(string $surname): string
    {
        return $this->capitals ? mb_strtoupper($surname) : $surname;
    }
}
