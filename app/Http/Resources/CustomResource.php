<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A custom by which families hand their surname on. */
#[OA\Schema]
final readonly class CustomResource
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $word,
    ) {
    }
}
