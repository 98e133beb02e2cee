<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

/** One place to another for a time: what it lay in, or which church served it. */
final readonly class PlaceLink
{
    public function __construct(public string $placeId, public ValidPeriod $tenure)
    {
    }
}
