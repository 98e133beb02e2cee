<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Place;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\PlacePath;

/** The gazetteer's entry for a place as typed, made with its jurisdictions where it is not there yet. */
final class Places
{
    public function resolve(string $typed): ?string
    {
        $insideId = null;
        foreach (array_reverse(PlacePath::parse($typed)->names) as $name) {
            $search = SearchForm::of($name);
            $place = Place::query()->where('search', $search)->where('inside_id', $insideId)->first()
                ?? Place::query()->create(['name' => $name, 'inside_id' => $insideId, 'search' => $search]);
            $insideId = $place->id;
        }

        return $insideId;
    }
}
