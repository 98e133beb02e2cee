<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** A question in a list. */
#[OA\Schema]
final readonly class QuestionLine
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $sentence,
        #[OA\Property(enum: ['conflict', 'identity', 'kinship'])] public string $kind,
        #[OA\Property] public string $values,
        #[OA\Property] public string $state,
        #[OA\Property] public string $personId,
        #[OA\Property] public string $decision,
        #[OA\Property] public string $reopenedBy,
    ) {
    }
}
