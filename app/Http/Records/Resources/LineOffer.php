<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Somebody whom a line may be. */
#[OA\Schema]
final readonly class LineOffer
{
    /** @param  list<string>  $grounds */
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $name,
        #[OA\Property] public string $years,
        #[OA\Property] public string $odds,
        #[ListOf('string')] public array $grounds,
    ) {
    }
}
