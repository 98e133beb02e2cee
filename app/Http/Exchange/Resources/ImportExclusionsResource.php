<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

/** What of a file stayed outside because only a part of it was wanted. */
#[OA\Schema]
final readonly class ImportExclusionsResource
{
    public function __construct(
        #[OA\Property] public int $people,
        #[OA\Property] public int $records,
        #[OA\Property(description: 'lines of those who came in, that point at one of these')] public int $lines,
    ) {
    }
}
