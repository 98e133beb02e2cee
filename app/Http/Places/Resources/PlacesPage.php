<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A page of the gazetteer; `unsettled` counts the wordings that stand for no place yet. */
#[OA\Schema]
final readonly class PlacesPage
{
    /**
     * @param  list<PlaceResource>  $rows
     */
    public function __construct(
        #[ListOf(PlaceResource::class)] public array $rows,
        #[OA\Property] public ?string $next,
        #[OA\Property] public int $shown,
        #[OA\Property] public int $total,
        #[OA\Property] public int $unsettled,
    ) {
    }
}
