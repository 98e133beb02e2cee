<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class EntryEventResource
{
    public function __construct(
        #[OA\Property] public string $kind,
        #[OA\Property] public DateResource $date,
        #[OA\Property] public string $place,
    ) {
    }
}
