<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SceneResource
{
    /**
     * @param  list<BoxResource>  $boxes
     * @param  list<LineResource>  $lines
     */
    public function __construct(
        #[Shielded] #[OA\Property] public string $title,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[ListOf(BoxResource::class)] public array $boxes,
        #[ListOf(LineResource::class)] public array $lines,
    ) {
    }
}
