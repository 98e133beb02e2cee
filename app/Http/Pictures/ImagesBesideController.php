<?php

declare(strict_types=1);

namespace App\Http\Pictures;

use App\Http\Api\Get;
use App\Http\Pictures\Resources\ImagesBesideFact;
use App\Http\Pictures\Resources\PicturesHere;
use App\Models\Event;
use App\Models\Person;
use App\Models\Place;
use Illuminate\Http\JsonResponse;

/** What is looked at beside somebody, a fact or a place; asked for when it is wanted. */
final readonly class ImagesBesideController
{
    public function __construct(private ImagesBeside $pictures)
    {
    }

    #[Get('/trees/{tree}/people/{person}/pictures', 'picturesOfPerson', PicturesHere::class)]
    public function person(string $tree, string $person): JsonResponse
    {
        return response()->json(new PicturesHere($this->pictures->of('person_id', Person::query()->findOrFail($person)->id)));
    }

    #[Get('/trees/{tree}/places/{place}/pictures', 'picturesOfPlace', PicturesHere::class)]
    public function place(string $tree, string $place): JsonResponse
    {
        return response()->json(new PicturesHere($this->pictures->of('place_id', Place::query()->findOrFail($place)->id)));
    }

    #[Get('/trees/{tree}/facts/{fact}/beside', 'besideFact', ImagesBesideFact::class)]
    public function fact(string $tree, string $fact): JsonResponse
    {
        $id = Event::query()->findOrFail($fact)->id;

        return response()->json(new ImagesBesideFact($this->pictures->strips($id), $this->pictures->of('event_id', $id)));
    }
}
