<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** A column of a roll, or a field of a record’s head. */
#[OA\Schema]
final readonly class ColumnResource
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $label,
        #[OA\Property] public string $meaning,
        #[OA\Property] public int $width,
        #[OA\Property] public string $hint,
        #[OA\Property] public bool $carries,
        #[OA\Property] public bool $counts,
    ) {
    }
}
