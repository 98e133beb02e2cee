<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Whom a line is taken for, whom else it may be, and what it tells then. */
#[OA\Schema]
final readonly class MatchedLine
{
    /**
     * @param  list<LineOffer>  $offers
     * @param  list<AssertionResource>  $told
     */
    public function __construct(
        #[OA\Property] public string $lineId,
        #[OA\Property] public string $as,
        #[OA\Property] public string $personId,
        #[OA\Property] public string $name,
        #[OA\Property] public string $odds,
        #[OA\Property] public string $newOdds,
        #[OA\Property] public string $asks,
        #[ListOf(LineOffer::class)] public array $offers,
        #[ListOf(AssertionResource::class)] public array $told,
    ) {
    }
}
