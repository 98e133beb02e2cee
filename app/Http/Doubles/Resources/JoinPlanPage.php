<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** All that a join would do. */
#[OA\Schema]
final readonly class JoinPlanPage
{
    /**
     * @param  list<PlannedValueResource>  $values
     * @param  list<string>  $family  sentences
     * @param  list<string>  $moves  how much goes over, in words
     * @param  list<string>  $remarks  sentences
     * @param  list<DoubleKinResource>  $next
     */
    public function __construct(
        #[OA\Property(description: 'why they cannot be joined; empty where they can')] public string $refusal,
        #[ListOf(PlannedValueResource::class)] public array $values,
        #[ListOf('string')] public array $family,
        #[ListOf('string')] public array $moves,
        #[ListOf('string')] public array $remarks,
        #[ListOf(DoubleKinResource::class)] public array $next,
    ) {
    }
}
