<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** Somebody in a place of a pedigree; `seat` is by Kekule's numbers, `backing` how birth and death are backed. */
#[OA\Schema]
final readonly class SeatedAncestor
{
    public function __construct(
        #[OA\Property] public int $seat,
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $life,
        #[OA\Property] public string $place,
        #[OA\Property] public string $backing,
        #[OA\Property] public int $sets,
        #[OA\Property] public bool $goesOn,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $proof,
    ) {
    }
}
