<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A fact that a question is about. */
#[OA\Schema]
final readonly class QuestionFact
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $shown,
        #[OA\Property] public string $place,
        #[OA\Property] public string $standing,
    ) {
    }
}
