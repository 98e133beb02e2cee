<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** One thing that a line tells, against what the tree has. */
#[OA\Schema]
final readonly class AssertionResource
{
    /** @param  string  $aspect  the kind of fact in a word; empty of a tie */
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $of,
        #[OA\Property] public string $state,
        #[OA\Property] public string $says,
        #[OA\Property] public string $rule,
        #[OA\Property] public string $working,
        #[OA\Property] public string $ground,
        #[OA\Property] public string $words,
        #[OA\Property] public bool $isWanted,
        #[OA\Property] public string $aspect,
    ) {
    }
}
