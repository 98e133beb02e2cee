<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

/** Somebody of a file who is likely in the tree already. */
#[OA\Schema]
final readonly class PersonHere
{
    public function __construct(
        #[OA\Property] public string $pointer,
        #[OA\Property(description: 'name and years in the file')] public string $says,
        #[OA\Property] public string $personId,
        #[OA\Property(description: 'name and birth in the tree')] public string $personSays,
        #[OA\Property] public int $number,
        #[OA\Property(description: 'from 0 to 1')] public float $probability,
        #[OA\Property(description: 'the same in words')] public string $shown,
    ) {
    }
}
