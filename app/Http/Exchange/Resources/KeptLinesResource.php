<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

/** Something of a file that the model has no place for: in words, and as its lines stand there. */
#[OA\Schema]
final readonly class KeptLinesResource
{
    public function __construct(
        #[OA\Property] public string $words,
        #[OA\Property] public string $lines,
    ) {
    }
}
