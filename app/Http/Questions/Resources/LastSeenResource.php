<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** When somebody was last seen, and since when they are missing. */
#[OA\Schema]
final readonly class LastSeenResource
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property(description: 'empty where nothing is dated')] public string $last,
        #[OA\Property(description: 'by a search of a whole series; empty where none was logged')] public string $missing,
    ) {
    }
}
