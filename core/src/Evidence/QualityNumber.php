<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;

/** The standard's quality number (version 7, QUAY): it follows from information and directness, not from weight. */
final class QualityNumber
{
    /** Unreliable evidence: somebody took it back. */
    public const WITHDRAWN = '0';

    public static function of(Information $information, Directness $directness): string
    {
        return match (true) {
            $information === Information::Primary && $directness === Directness::Direct => '3',
            $information === Information::Primary, $information === Information::Secondary => '2',
            $information === Information::Undetermined => '1',
            default => '',
        };
    }
}
