<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A parent, partner or child who was deleted; `entryId` restores them. */
#[OA\Schema]
final readonly class DeletedKinResource
{
    public function __construct(
        #[OA\Property] public string $entryId,
        #[OA\Property] public string $word,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $madeAt,
    ) {
    }
}
