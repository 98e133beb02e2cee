<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

/** Somebody who was tied to another, and the union by which: of a partner, or of the parents. */
#[OA\Schema]
final readonly class TieResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public ?string $unionId,
    ) {
    }
}
