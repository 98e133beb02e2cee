<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** Somebody in an outline of descendants: `children` is how many they have in all, `age` at death, `kind` where not by birth. */
#[OA\Schema]
final readonly class Descendant
{
    /** @param  list<string>  $notches  how the birth is backed: a weight for each origin */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $born,
        #[OA\Property] public string $place,
        #[OA\Property] public string $died,
        #[OA\Property] public string $age,
        #[OA\Property] public string $kind,
        #[OA\Property] public int $families,
        #[OA\Property] public int $children,
        #[ListOf('string')] public array $notches,
    ) {
    }
}
