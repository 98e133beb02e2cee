<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/** A face cut for a portrait. */
#[OA\Schema]
final readonly class PortraitResource
{
    public function __construct(
        #[OA\Property] public string $mediaId,
        #[OA\Property] public int $page,
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public PagePreview $size,
    ) {
    }
}
