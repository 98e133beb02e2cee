<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A part of a picture, as shares of its page’s sides, and who is on it. */
#[OA\Schema]
final readonly class RegionResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $page,
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $person,
        #[OA\Property] public string $words,
        #[OA\Property] public bool $isPortrait,
    ) {
    }
}
