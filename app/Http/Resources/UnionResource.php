<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A union as one of its partners sees it; `tieId` is what unlinks that partner from it. */
#[OA\Schema]
final readonly class UnionResource
{
    /**
     * @param  list<RelativeResource>  $partners
     * @param  list<RelativeResource>  $children
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $tieId,
        #[OA\Property] public string $year,
        #[OA\Property] public string $word,
        #[ListOf(RelativeResource::class)] public array $partners,
        #[ListOf(RelativeResource::class)] public array $children,
    ) {
    }
}
