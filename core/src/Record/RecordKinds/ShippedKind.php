<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\RecordKind;

interface ShippedKind
{
    public static function kind(): RecordKind;
}
