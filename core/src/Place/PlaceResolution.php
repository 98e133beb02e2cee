<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

/** What the words of a place were understood as. The words themselves are never replaced. */
final readonly class PlaceResolution
{
    /**
     * @param  Place|null  $standard  the one place that the words can only mean; null while that is not settled
     * @param  list<string>  $within  words before it that lie within it: a kirk, a farm, a street
     * @param  list<Place>  $offers  places that it might be, where it is not settled
     */
    private function __construct(public ?Place $standard, public array $within, public array $offers)
    {
    }

    /** @param  list<string>  $within */
    public static function settled(Place $standard, array $within): self
    {
        return new self($standard, $within, []);
    }

    /** @param  list<Place>  $offers */
    public static function open(array $offers): self
    {
        return new self(null, [], $offers);
    }
}
