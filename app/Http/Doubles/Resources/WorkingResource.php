<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** What one aspect says of two being one. */
#[OA\Schema]
final readonly class WorkingResource
{
    public function __construct(
        #[OA\Property] public string $aspect,
        #[OA\Property(description: 'log odds to the base 2')] public float $weight,
        #[OA\Property] public string $says,
    ) {
    }
}
