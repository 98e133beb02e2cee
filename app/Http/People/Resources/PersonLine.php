<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/**
 * A person in one line of a list; `kin` is what they are to whoever was asked for, empty where to nobody; `line`
 * is every number of theirs by what whoever asks has everybody numbered by, empty where they have none.
 */
#[OA\Schema]
final readonly class PersonLine
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[OA\Property] public string $sex,
        #[Shielded] #[OA\Property] public string $name,
        #[Shielded] #[OA\Property] public string $filed,
        #[OA\Property] public string $born,
        #[OA\Property] public string $birthPlace,
        #[OA\Property] public string $died,
        #[OA\Property] public string $kin = '',
        #[OA\Property] public string $line = '',
    ) {
    }
}
