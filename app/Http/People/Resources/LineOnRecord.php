<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

/** A line of a roll that is somebody, or may be. */
#[OA\Schema]
final readonly class LineOnRecord
{
    public function __construct(
        #[OA\Property] public string $recordId,
        #[OA\Property] public string $source,
        #[OA\Property] public string $locator,
        #[OA\Property] public string $date,
        #[OA\Property] public string $name,
        #[OA\Property] public string $role,
        #[OA\Property] public bool $isPlaced,
        #[OA\Property(description: 'empty where it is not placed')] public string $placingId,
    ) {
    }
}
