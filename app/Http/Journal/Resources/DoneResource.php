<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use OpenApi\Attributes as OA;

/** What was done, in words. */
#[OA\Schema]
final readonly class DoneResource
{
    public function __construct(
        #[OA\Property] public string $said,
    ) {
    }
}
