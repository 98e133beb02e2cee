<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\SearchForm;

/**
 * Finds the place of the gazetteer that typed words stand for. The first of the words that a place bears, such that
 * each word after it names something that the place ever lay in, settles it; what stands before lies within it. Two
 * places that fit are told apart by the time, else both are offered and nothing is settled.
 */
final readonly class PlaceResolver
{
    public function __construct(private Gazetteer $gazetteer)
    {
    }

    public function read(string $typed, ?DaySpan $when = null): PlaceResolution
    {
        $names = PlacePath::parse($typed)->names;
        $offers = [];
        foreach ($names as $index => $name) {
            $bearing = $this->gazetteer->named($name);
            $fitting = array_values(
                array_filter($bearing, fn (Place $place): bool => $this->liesIn($place, array_slice($names, $index + 1))));
            $then = array_values(array_filter($fitting, fn (Place $place): bool => $this->wasSoThen($place, $name, $when)));
            $left = $then === [] ? $fitting : $then;
            if (count($left) === 1) {
                return PlaceResolution::settled($left[0], array_slice($names, 0, $index));
            }
            if ($left !== []) {
                return PlaceResolution::open($left);
            }
            $offers = $offers === [] ? $bearing : $offers;
        }

        return PlaceResolution::open($offers);
    }

    /** @param  list<string>  $outer  each of them must name something around the place; others may be left out between */
    private function liesIn(Place $place, array $outer): bool
    {
        $around = $this->gazetteer->around($place->id);
        foreach ($outer as $typed) {
            if (array_filter($around, static fn (Place $outer): bool => self::mayBeCalled($outer, SearchForm::of($typed))) === []) {
                return false;
            }
        }

        return true;
    }

    /** Wider places are named shortly: "Marren" for the Marren Isles, "Aldane" for its kingdom. */
    private static function mayBeCalled(Place $place, string $form): bool
    {
        foreach ($place->everyName() as $name) {
            if (str_contains(' '.SearchForm::of($name).' ', " {$form} ")) {
                return true;
            }
        }

        return false;
    }

    private function wasSoThen(Place $place, string $name, ?DaySpan $when): bool
    {
        if ($when === null || SearchForm::of($place->name) === SearchForm::of($name)) {
            return true;
        }
        foreach ($place->names as $otherName) {
            if (SearchForm::of($otherName->name) === SearchForm::of($name) && $otherName->tenure->touches($when)) {
                return true;
            }
        }

        return false;
    }
}
