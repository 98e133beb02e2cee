<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LifeStripYear
{
    public function __construct(
        #[OA\Property] public float $at,
        #[OA\Property] public int $year,
    ) {
    }
}
