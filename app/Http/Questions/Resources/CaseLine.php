<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** The line of a record of which it is asked who it is. */
#[OA\Schema]
final readonly class CaseLine
{
    public function __construct(
        #[OA\Property] public string $recordId,
        #[OA\Property] public string $name,
        #[OA\Property] public string $source,
        #[OA\Property] public string $date,
        #[OA\Property] public string $says,
    ) {
    }
}
