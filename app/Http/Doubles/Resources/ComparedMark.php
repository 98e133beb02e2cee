<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** An event on the common axis of lives that are compared. */
#[OA\Schema]
final readonly class ComparedMark
{
    public function __construct(
        #[OA\Property(description: 'share of the axis, from 0 to 1')] public float $from,
        #[OA\Property] public float $to,
        #[OA\Property] public string $says,
    ) {
    }
}
