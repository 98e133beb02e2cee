<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

/** An event of a parent, partner or child, or of the world around (then of nobody), as it stands among the facts of a life. */
#[OA\Schema]
final readonly class SurroundingEvent
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $personId,
        #[OA\Property] public string $says,
        #[OA\Property] public string $age,
        #[OA\Property] public string $shown,
        #[OA\Property] public ?string $earliest,
        #[OA\Property] public string $place,
    ) {
    }
}
