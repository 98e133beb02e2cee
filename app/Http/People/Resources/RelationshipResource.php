<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** One sense in which the second of two people is something to the first; `total` counts every path of it. */
#[OA\Schema]
final readonly class RelationshipResource
{
    /** @param  list<KinPath>  $paths */
    public function __construct(
        #[OA\Property] public string $term,
        #[OA\Property] public string $kind,
        #[OA\Property] public int $total,
        #[ListOf(KinPath::class)] public array $paths,
    ) {
    }
}
