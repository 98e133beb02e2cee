<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Chrono\DaySpan;

/** An entry of the gazetteer. */
final readonly class Place
{
    /**
     * @param  string  $name  the usual one
     * @param  list<PlaceName>  $names  the others
     * @param  list<PlaceLink>  $insides  what it lay in, the usual one first
     * @param  list<PlaceLink>  $churches  which church served it
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $names = [],
        public array $insides = [],
        public array $churches = [],
        public ?DatingSetting $convention = null,
    ) {
    }

    /** @return list<string> every name that it ever had */
    public function everyName(): array
    {
        return [$this->name, ...array_map(static fn (PlaceName $name): string => $name->name, $this->names)];
    }

    /** What it was called then: a name said for that time, in no particular language, before the usual one. */
    public function called(?DaySpan $when): string
    {
        foreach ($when === null ? [] : $this->names as $name) {
            $isLimited = $name->tenure->from !== null || $name->tenure->to !== null;
            if ($isLimited && $name->language === '' && $name->tenure->touches($when)) {
                return $name->name;
            }
        }

        return $this->name;
    }

    /** What it lay in then; null for a place that lies in nothing we know. */
    public function insideAt(?DaySpan $when): ?string
    {
        foreach ($this->insides as $inside) {
            if ($when !== null && ($inside->tenure->from !== null || $inside->tenure->to !== null) && $inside->tenure->touches($when)) {
                return $inside->placeId;
            }
        }
        foreach ($this->insides as $inside) {
            if ($inside->tenure->touches($when)) {
                return $inside->placeId;
            }
        }

        return null;
    }
}
