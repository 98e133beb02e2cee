<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

/** A place as typed, read as jurisdictions from the smallest to the widest. */
final readonly class PlacePath
{
    /** @param  list<string>  $names from the smallest to the widest */
    private function __construct(public array $names)
    {
    }

    public static function parse(string $typed): self
    {
        $names = array_map(static fn (string $name): string => trim((string) preg_replace('/\s+/u', ' ', $name)), explode(',', $typed));

        return new self(array_values(array_filter($names, static fn (string $name): bool => $name !== '')));
    }

    /** The first name alone, for a line in which there is no room. */
    public static function shortOf(string $typed): string
    {
        return self::parse($typed)->names[0] ?? '';
    }
}
