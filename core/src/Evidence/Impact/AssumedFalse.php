<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

/** What an impact analysis assumes to be false, by ids: claims, and conclusions whatever backs them. */
final readonly class AssumedFalse
{
    /**
     * @param  list<string>  $claims
     * @param  list<string>  $conclusions
     */
    private function __construct(public array $claims, public array $conclusions)
    {
    }

    public static function claims(string ...$ids): self
    {
        return new self(array_values($ids), []);
    }

    public static function conclusions(string ...$ids): self
    {
        return new self([], array_values($ids));
    }
}
