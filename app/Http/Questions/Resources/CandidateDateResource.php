<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** A date that could be concluded, and what each claim says to it, a letter a row: f fits, s strains, c contradicts, a dot says nothing. */
#[OA\Schema]
final readonly class CandidateDateResource
{
    public function __construct(
        #[OA\Property] public string $typed,
        #[OA\Property] public string $shown,
        #[OA\Property] public int $from,
        #[OA\Property] public int $to,
        #[OA\Property] public string $verdicts,
        #[OA\Property] public string $factId,
        #[OA\Property] public string $reason,
    ) {
    }
}
