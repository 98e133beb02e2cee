<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

/** Lines of a file that have no field here: which, how many, and where they are shown. */
#[OA\Schema]
final readonly class KeptCountResource
{
    public function __construct(
        #[OA\Property] public string $tag,
        #[OA\Property] public string $words,
        #[OA\Property] public int $count,
        #[OA\Property] public string $shown,
    ) {
    }
}
