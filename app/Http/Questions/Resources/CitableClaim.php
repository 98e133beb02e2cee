<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** A claim that a point can rest on. */
#[OA\Schema]
final readonly class CitableClaim
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $words,
        #[OA\Property] public string $weight,
    ) {
    }
}
