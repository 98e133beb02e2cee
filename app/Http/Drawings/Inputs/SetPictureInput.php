<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use OpenApi\Attributes as OA;

/** A picture set on a drawing, from the upper left corner of somebody's box. */
#[OA\Schema]
final readonly class SetPictureInput
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public string $mediaId,
    ) {
    }
}
