<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** `state` is never wed, widowed, free, bound or not known. */
#[OA\Schema]
final readonly class WeddingStateResource
{
    public function __construct(
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $state,
    ) {
    }
}
