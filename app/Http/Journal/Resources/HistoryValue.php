<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use OpenApi\Attributes as OA;

/** A value before and after a change. */
#[OA\Schema]
final readonly class HistoryValue
{
    public function __construct(
        #[OA\Property] public string $field,
        #[OA\Property] public string $word,
        #[OA\Property] public string $before,
        #[OA\Property] public string $after,
    ) {
    }
}
