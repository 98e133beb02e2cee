<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A fact that happened at a place. */
#[OA\Schema]
final readonly class FactAtPlace
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $person,
        #[OA\Property] public string $word,
        #[OA\Property] public string $date,
        #[OA\Property] public string $place,
    ) {
    }
}
