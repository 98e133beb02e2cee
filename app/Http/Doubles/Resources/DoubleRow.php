<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** A pair that may be one person, in the list. */
#[OA\Schema]
final readonly class DoubleRow
{
    public function __construct(
        #[OA\Property] public NamedPerson $a,
        #[OA\Property] public NamedPerson $b,
        #[OA\Property(description: 'from 0 to 1')] public float $probability,
        #[OA\Property(description: 'in words: 97 %')] public string $shown,
        #[OA\Property(description: 'how many entries hang together with these')] public int $entries,
        #[OA\Property(description: 'what speaks most for it, or against it')] public string $says,
        #[OA\Property(description: 'what was ruled: different, not now; empty for nothing')] public string $ruling,
        #[OA\Property] public string $reason,
    ) {
    }
}
