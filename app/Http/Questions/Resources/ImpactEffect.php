<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What would become of one conclusion. */
#[OA\Schema]
final readonly class ImpactEffect
{
    /**
     * @param  list<string>  $before  a weight for each origin, the strongest first
     * @param  list<string>  $after
     */
    public function __construct(
        #[OA\Property(enum: ['fact', 'tie', 'placing', 'decision'])] public string $kind,
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['stands on other ground', 'weaker', 'unproved', 'falls', 'opens again'])] public string $outcome,
        #[OA\Property] public string $words,
        #[OA\Property(description: 'what counts then instead; empty where nothing does')] public string $then,
        #[OA\Property(description: 'whose page tells more; empty for none')] public string $personId,
        #[OA\Property] public string $personName,
        #[ListOf('string')] public array $before,
        #[ListOf('string')] public array $after,
    ) {
    }
}
