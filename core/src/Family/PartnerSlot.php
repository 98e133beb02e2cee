<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Sex;

/** The place of a partner in a couple. A woman stands second where that place is free, anybody else first. */
enum PartnerSlot: string
{
    case First = 'first';
    case Second = 'second';

    public function other(): self
    {
        return $this === self::First ? self::Second : self::First;
    }

    /** @param  list<self>  $taken  places of the partners who count */
    public static function free(array $taken, Sex $sex): self
    {
        $wanted = $sex === Sex::Female ? self::Second : self::First;

        return in_array($wanted, $taken, true) ? $wanted->other() : $wanted;
    }
}
