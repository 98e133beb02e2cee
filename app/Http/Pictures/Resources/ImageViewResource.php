<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/**
 * Where somebody left a picture: page, middle as shares of its sides, zoom, turn, how it is lit, and the strip with the
 * printed heads of its columns; a height of 0 is no strip.
 */
#[OA\Schema]
final readonly class ImageViewResource
{
    public function __construct(
        #[OA\Property] public int $page,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $zoom,
        #[OA\Property] public int $turn,
        #[OA\Property] public bool $inverted,
        #[OA\Property] public float $contrast,
        #[OA\Property] public float $brightness,
        #[OA\Property] public int $headsPage,
        #[OA\Property] public float $headsTop,
        #[OA\Property] public float $headsHeight,
    ) {
    }
}
