<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\SearchForm;

/** Places with what they lay in, whole or as much of it as is needed: jurisdictions at a time, reckonings, what is near in name. */
final readonly class Gazetteer
{
    /**
     * @param  array<string, Place>  $places  by id
     * @param  array<string, list<string>>  $byName  ids by search form of each name
     */
    private function __construct(private array $places, private array $byName)
    {
    }

    /** @param  iterable<Place>  $places  with everything that they ever lay in */
    public static function of(iterable $places): self
    {
        $byId = [];
        $byName = [];
        foreach ($places as $place) {
            $byId[$place->id] = $place;
            foreach (array_unique(array_map(SearchForm::of(...), $place->everyName())) as $name) {
                $byName[$name][] = $place->id;
            }
        }

        return new self($byId, $byName);
    }

    public function place(string $id): ?Place
    {
        return $this->places[$id] ?? null;
    }

    /** @return list<Place> those that ever bore the name */
    public function named(string $name): array
    {
        return array_map(fn (string $id): Place => $this->places[$id], $this->byName[SearchForm::of($name)] ?? []);
    }

    /**
     * The place and what it lay in at a time, from the smallest to the widest, each by its name of the time.
     *
     * @return list<string>
     */
    public function path(string $id, ?DaySpan $when = null): array
    {
        $path = [];
        $seen = [];
        for ($place = $this->place($id); $place !== null && ! isset($seen[$place->id]);) {
            $seen[$place->id] = true;
            $path[] = $place->called($when);
            $inside = $place->insideAt($when);
            $place = $inside === null ? null : $this->place($inside);
        }

        return $path;
    }

    /**
     * Everything that the place ever lay in, the nearest first.
     *
     * @return list<Place>
     */
    public function around(string $id): array
    {
        $found = [];
        $waiting = [$id];
        while ($waiting !== []) {
            $place = $this->place(array_shift($waiting));
            foreach ($place->insides ?? [] as $inside) {
                $outer = $this->place($inside->placeId);
                if ($outer !== null && ! isset($found[$outer->id]) && $outer->id !== $id) {
                    $found[$outer->id] = $outer;
                    $waiting[] = $outer->id;
                }
            }
        }

        return array_values($found);
    }

    /** How dates were written there: what is said of the place, over what is said of whatever it lies in, over `$wider`. */
    public function reckoning(string $id, DatingConvention $wider): DatingConvention
    {
        foreach (array_reverse([$this->place($id), ...$this->around($id)]) as $place) {
            $wider = $place?->convention?->over($wider) ?? $wider;
        }

        return $wider;
    }

    /** The church that served the place, or the nearest place around it that had one; null where none is known. */
    public function churchOf(string $id, ?DaySpan $when): ?Place
    {
        foreach ([$this->place($id), ...$this->around($id)] as $place) {
            foreach ($place->churches ?? [] as $church) {
                if ($church->tenure->touches($when)) {
                    return $this->place($church->placeId);
                }
            }
        }

        return null;
    }
}
