<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use OpenApi\Attributes as OA;

/** A place that words might stand for. */
#[OA\Schema]
final readonly class PlaceOfferResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $path,
    ) {
    }
}
