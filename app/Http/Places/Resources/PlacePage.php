<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use App\Http\Api\ListOf;
use App\Http\Interpretation\Resources\DatingSettingResource;
use OpenApi\Attributes as OA;

/** A place with all that is said of it; `path` is the place and what it lies in today. */
#[OA\Schema]
final readonly class PlacePage
{
    /**
     * @param  list<string>  $path
     * @param  string  $reckonedAs  how dates are read there, by what is said of it or of what it lies in
     * @param  list<PlaceNameResource>  $names
     * @param  list<PlaceLinkResource>  $insides
     * @param  list<PlaceLinkResource>  $churches
     * @param  list<PlaceResource>  $inner
     * @param  list<WordingResource>  $wordings
     * @param  list<FactAtPlace>  $facts the first of them
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public ?string $insideId,
        #[ListOf('string')] public array $path,
        #[OA\Property] public string $latitude,
        #[OA\Property] public string $longitude,
        #[OA\Property] public DatingSettingResource $reckoning,
        #[OA\Property] public string $reckonedAs,
        #[ListOf(PlaceNameResource::class)] public array $names,
        #[ListOf(PlaceLinkResource::class)] public array $insides,
        #[ListOf(PlaceLinkResource::class)] public array $churches,
        #[ListOf(PlaceResource::class)] public array $inner,
        #[ListOf(WordingResource::class)] public array $wordings,
        #[ListOf(FactAtPlace::class)] public array $facts,
        #[OA\Property] public int $factCount,
        #[OA\Property] public string $deleting,
    ) {
    }
}
