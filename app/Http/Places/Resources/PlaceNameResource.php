<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use OpenApi\Attributes as OA;

/** What a place was called for a time, or in a language. */
#[OA\Schema]
final readonly class PlaceNameResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $language,
        #[OA\Property] public string $from,
        #[OA\Property] public string $to,
    ) {
    }
}
