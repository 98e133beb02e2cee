<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

/** One place to another for a time: what it lay in, or which church served it. */
final readonly class PlaceTie
{
    public function __construct(public string $placeId, public Tenure $tenure)
    {
    }
}
