<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** One thing that disagrees: as a question, what it rests on, and whether it contradicts or only strains; `people` who cannot all be it. */
#[OA\Schema]
final readonly class FindingResource
{
    /** @param  list<string>  $people */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $personId,
        #[OA\Property] public string $sentence,
        #[OA\Property] public string $life,
        #[OA\Property] public string $aspect,
        #[OA\Property] public bool $isHard,
        #[OA\Property] public string $ground,
        #[ListOf('string')] public array $people,
    ) {
    }
}
