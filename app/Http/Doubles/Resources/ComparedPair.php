<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What was found, and ruled, of two among those who stand side by side. */
#[OA\Schema]
final readonly class ComparedPair
{
    /** @param  list<WorkingResource>  $working */
    public function __construct(
        #[OA\Property] public string $a,
        #[OA\Property] public string $b,
        #[OA\Property(description: 'from 0 to 1; null where nothing was found of them')] public ?float $probability,
        #[OA\Property(description: 'in words; empty where nothing was found')] public string $shown,
        #[ListOf(WorkingResource::class)] public array $working,
        #[OA\Property(description: 'different, not now; empty for nothing')] public string $ruling,
        #[OA\Property] public string $reason,
        #[OA\Property(description: 'who ruled, and when; empty for nothing')] public string $ruledBy,
    ) {
    }
}
