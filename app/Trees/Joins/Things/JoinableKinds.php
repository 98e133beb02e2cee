<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Join;

/** The kinds of what can be joined beside people. A new one is one line here. */
final readonly class JoinableKinds
{
    /** @var list<class-string<Joinable>> */
    private const KINDS = [JoinablePlace::class, JoinableSource::class, JoinableRepository::class, JoinableFile::class];

    /** @return list<string> */
    public static function codes(): array
    {
        return array_map(static fn (string $class): string => $class::code(), self::KINDS);
    }

    /** @throws \OutOfBoundsException */
    public static function get(string $code): Joinable
    {
        foreach (self::KINDS as $class) {
            if ($class::code() === $code) {
                return app($class);
            }
        }
        throw new \OutOfBoundsException("There is no kind {$code} that can be joined.");
    }

    /** What was joined, where it is no person. */
    public static function of(Join $join): ?Joinable
    {
        foreach (self::KINDS as $class) {
            if ($join->getAttribute($class::keptColumn()) !== null) {
                return app($class);
            }
        }

        return null;
    }
}
