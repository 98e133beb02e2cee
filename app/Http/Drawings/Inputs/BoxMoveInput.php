<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use OpenApi\Attributes as OA;

/** By how much a box was moved, from where it would stand. */
#[OA\Schema]
final readonly class BoxMoveInput
{
    public function __construct(#[OA\Property] public string $personId, #[OA\Property] public float $x, #[OA\Property] public float $y)
    {
    }
}
