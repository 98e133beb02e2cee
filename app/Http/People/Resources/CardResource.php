<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A person in a few lines, for the card that comes up over a name. */
#[OA\Schema]
final readonly class CardResource
{
    /** @param  list<string>  $lines */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $years,
        #[OA\Property] public string $toCentre,
        #[OA\Property] public string $line,
        #[ListOf('string')] public array $lines,
    ) {
    }
}
