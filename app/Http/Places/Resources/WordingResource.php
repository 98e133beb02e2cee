<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use OpenApi\Attributes as OA;

/** Words as typed, and how many facts use them. */
#[OA\Schema]
final readonly class WordingResource
{
    public function __construct(
        #[OA\Property] public string $typed,
        #[OA\Property] public int $facts,
    ) {
    }
}
