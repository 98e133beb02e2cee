<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CitedFact
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $person,
        #[OA\Property] public string $fact,
        #[OA\Property] public string $date,
        #[OA\Property] public string $words,
        #[OA\Property] public string $claimId,
        #[OA\Property(description: 'the line that told it; empty where it was cited by hand')] public string $lineId,
        #[OA\Property(description: 'strong, fair, slight, derived, unread or withdrawn')] public string $weight,
        #[OA\Property(description: 'whether somebody overruled the rule by which it is weighed')] public bool $overruled,
    ) {
    }
}
