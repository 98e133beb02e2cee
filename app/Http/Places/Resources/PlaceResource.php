<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use OpenApi\Attributes as OA;

/** A line of the gazetteer: `facts` counts what happened there by its own words, not what lies in it. */
#[OA\Schema]
final readonly class PlaceResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $inside,
        #[OA\Property] public int $facts,
    ) {
    }
}
