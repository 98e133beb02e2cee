<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** Relatives who are likely one person too, once the two are joined. */
#[OA\Schema]
final readonly class DoubleKinResource
{
    public function __construct(
        #[OA\Property] public string $relation,
        #[OA\Property] public NamedPerson $a,
        #[OA\Property] public NamedPerson $b,
    ) {
    }
}
