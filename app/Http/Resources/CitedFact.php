<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CitedFact
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $person,
        #[OA\Property] public string $fact,
        #[OA\Property] public string $date,
        #[OA\Property] public string $words,
    ) {
    }
}
