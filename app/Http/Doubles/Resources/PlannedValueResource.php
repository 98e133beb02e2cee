<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** A name or a fact, and what becomes of it by a join. */
#[OA\Schema]
final readonly class PlannedValueResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'of the one who stays')] public bool $isOfKept,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $says,
        #[OA\Property(enum: ['stays', 'moves', 'is the same', 'becomes a rival', 'leads'])] public string $fate,
        #[OA\Property(description: 'what one of which leads is chosen together; empty where nothing is chosen')] public string $choice,
    ) {
    }
}
