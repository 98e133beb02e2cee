<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use OpenApi\Attributes as OA;

/** Words set on a drawing, from the upper left corner of somebody's box. */
#[OA\Schema]
final readonly class SetNoteInput
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public string $words,
    ) {
    }
}
