<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

/** The surname that a new relative might have, by the custom of the family; a son's and a daughter's may differ. */
#[OA\Schema]
final readonly class SurnameOfferResource
{
    public function __construct(
        #[OA\Property] public string $relation,
        #[OA\Property] public ?string $unionId,
        #[OA\Property] public string $surname,
    ) {
    }
}
