<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A text to be read and written on, with what its facts say today. */
#[OA\Schema]
final readonly class ProseResource
{
    /**
     * @param  array<string, mixed>  $body
     * @param  list<CalledFact>  $facts  those that it calls, each once
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $title,
        #[OA\Property(type: 'object', additionalProperties: true)] public array $body,
        #[OA\Property] public ?string $personId,
        #[OA\Property] public ?string $unionId,
        #[OA\Property] public ?string $placeId,
        #[ListOf(CalledFact::class)] public array $facts,
        #[OA\Property] public int $words,
    ) {
    }
}
