<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Chrono\GenDate;

/**
 * Whether a record was set down near what it tells: within a year and a day after the event at the latest, however the
 * days of either are read. What has no day, or may lie further off, was not.
 */
final class Contemporaneity
{
    public const DAYS = 366;

    public static function of(GenDate $record, GenDate $event): bool
    {
        [$written, $happened] = [$record->span(), $event->span()];
        if ($written?->latest === null || $written->earliest === null || $happened?->earliest === null || $happened->latest === null) {
            return false;
        }

        return $written->latest - $happened->earliest <= self::DAYS && $happened->latest - $written->earliest <= self::DAYS;
    }
}
