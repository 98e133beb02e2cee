<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A record of a source with everything that is cited to it. */
#[OA\Schema]
final readonly class RecordUse
{
    /** @param  list<CitedFact>  $facts */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $locator,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $date,
        #[OA\Property] public string $place,
        #[OA\Property] public int $lines,
        #[OA\Property] public int $unplaced,
        #[ListOf(CitedFact::class)] public array $facts,
    ) {
    }
}
