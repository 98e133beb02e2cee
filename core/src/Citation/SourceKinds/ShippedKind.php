<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;

interface ShippedKind
{
    public static function kind(): SourceKind;
}
