<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** A point for or against an alternative. */
#[OA\Schema]
final readonly class CasePoint
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public bool $isFor,
        #[OA\Property] public string $text,
        #[OA\Property(description: 'strong, fair, slight, derived, unread, withdrawn or empty')] public string $weight,
        #[OA\Property] public string $claimId,
        #[OA\Property(description: 'the claim that it rests on, in a few words; empty for none')] public string $cited,
        #[OA\Property] public string $recordId,
    ) {
    }
}
