<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

/** Something that happened around the people of a tree. */
#[OA\Schema]
final readonly class WorldEventResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $words,
        #[OA\Property] public string $shown,
        #[OA\Property] public string $place,
    ) {
    }
}
