<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use OpenApi\Attributes as OA;

/** A line that goes on by one generation where it would have stopped. */
#[OA\Schema]
final readonly class BroughtInput
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property(enum: ['parents', 'children', 'partners'])] public string $toward,
    ) {
    }
}
