<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use OpenApi\Attributes as OA;

/** What a place lay in, or which church served it, for a time. */
#[OA\Schema]
final readonly class PlaceLinkResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $placeId,
        #[OA\Property] public string $name,
        #[OA\Property] public string $from,
        #[OA\Property] public string $to,
    ) {
    }
}
