<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Family\PartnerSlot;

/**
 * The tags by which a family record calls the places of its two partners, whoever stands there (GEDCOM 5.5.1 and 7,
 * FAM.HUSB and FAM.WIFE).
 */
final class SlotTags
{
    public const FIRST = 'HUSB';

    public const SECOND = 'WIFE';

    public static function is(string $tag): bool
    {
        return $tag === self::FIRST || $tag === self::SECOND;
    }

    public static function slot(string $tag): PartnerSlot
    {
        return $tag === self::SECOND ? PartnerSlot::Second : PartnerSlot::First;
    }

    public static function tag(PartnerSlot $slot): string
    {
        return match ($slot) {
            PartnerSlot::First => self::FIRST,
            PartnerSlot::Second => self::SECOND,
        };
    }
}
