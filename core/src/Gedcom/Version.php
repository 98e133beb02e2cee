<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** The two versions of GEDCOM that are read and written. */
enum Version: string
{
    case V7 = '7';
    case V551 = '5.5.1';

    /** @throws NotReadable when the words name neither */
    public static function named(string $words): self
    {
        $words = trim($words);

        return match (true) {
            preg_match('/^7(\.\d+)*$/', $words) === 1 => self::V7,
            preg_match('/^5\.5(\.\d)?$/', $words) === 1 => self::V551,
            default => throw NotReadable::version($words),
        };
    }

    /** What GEDC.VERS says. */
    public function headWords(): string
    {
        return $this === self::V7 ? '7.0' : '5.5.1';
    }
}
