<?php

declare(strict_types=1);

namespace App\Http\Api;

use OpenApi\Attributes as OA;

/** The id of what was made. */
#[OA\Schema]
final readonly class CreatedResource
{
    public function __construct(
        #[OA\Property] public string $id,
    ) {
    }
}
