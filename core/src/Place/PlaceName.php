<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

/** What a place was called for a time, or in a language. */
final readonly class PlaceName
{
    public function __construct(public string $name, public string $language, public ValidPeriod $tenure)
    {
    }
}
