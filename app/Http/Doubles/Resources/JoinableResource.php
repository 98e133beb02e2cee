<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** Something of a kind that can be joined, by what it is called. */
#[OA\Schema]
final readonly class JoinableResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'what else is told of it')] public string $more,
    ) {
    }
}
