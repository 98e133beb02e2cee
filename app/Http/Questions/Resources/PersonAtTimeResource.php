<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** Somebody concerned, or of their kin, at one time. */
#[OA\Schema]
final readonly class PersonAtTimeResource
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property(description: 'what they are to those concerned; empty for themselves')] public string $who,
        #[OA\Property] public string $age,
        #[OA\Property] public string $place,
        #[OA\Property(description: 'of that place')] public string $when,
        #[OA\Property(description: 'not born yet, dead by then, or empty')] public string $not,
    ) {
    }
}
