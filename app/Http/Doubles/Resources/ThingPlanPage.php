<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What joining two of a kind would do. */
#[OA\Schema]
final readonly class ThingPlanPage
{
    /**
     * @param  list<ThingLine>  $lines
     * @param  list<string>  $moves  how much goes over, in words
     * @param  list<string>  $remarks  sentences
     */
    public function __construct(
        #[OA\Property(description: 'why they cannot be joined; empty where they can')] public string $refusal,
        #[OA\Property] public JoinableResource $kept,
        #[OA\Property] public JoinableResource $gone,
        #[ListOf(ThingLine::class)] public array $lines,
        #[ListOf('string')] public array $moves,
        #[ListOf('string')] public array $remarks,
    ) {
    }
}
