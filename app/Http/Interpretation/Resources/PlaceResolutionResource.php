<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What the words of a place were understood as; `understood` is the line that stands under the field. */
#[OA\Schema]
final readonly class PlaceResolutionResource
{
    /**
     * @param  list<PlaceOfferResource>  $offers
     */
    public function __construct(
        #[OA\Property] public ?string $placeId,
        #[OA\Property] public string $path,
        #[OA\Property] public string $church,
        #[OA\Property] public string $understood,
        #[ListOf(PlaceOfferResource::class)] public array $offers,
    ) {
    }
}
