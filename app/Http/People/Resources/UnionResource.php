<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use OpenApi\Attributes as OA;

/**
 * A union as one of its partners sees it; `tieId` is what unlinks that partner from it. `standing` is that of the
 * tie `standingTieId`: of the partner, or of oneself where that is the one that somebody weighed;
 * `isOut` when oneself was ruled out of it.
 */
#[OA\Schema]
final readonly class UnionResource
{
    /**
     * @param  list<RelativeResource>  $partners
     * @param  list<RelativeResource>  $children
     * @param  array<string, string>  $childKinds  what a child is to oneself, by its id, where it is none by birth
     * @param  list<RelativeResource>  $ruledOut  partners who were ruled out; the others alone stand in `partners`
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $tieId,
        #[OA\Property] public string $year,
        #[OA\Property] public string $word,
        #[ListOf(RelativeResource::class)] public array $partners,
        #[ListOf(RelativeResource::class)] public array $children,
        #[OA\Property] public string $standing,
        #[OA\Property] public string $standingTieId,
        #[ListOf(RelativeResource::class)] public array $ruledOut,
        #[OA\Property] public bool $isOut,
        #[MapOf] public array $childKinds,
    ) {
    }
}
