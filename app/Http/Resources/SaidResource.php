<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What was done, in words. */
#[OA\Schema]
final readonly class SaidResource
{
    public function __construct(
        #[OA\Property] public string $said,
    ) {
    }
}
