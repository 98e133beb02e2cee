<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** A year on an axis of days. */
#[OA\Schema]
final readonly class YearMark
{
    public function __construct(
        #[OA\Property] public int $day,
        #[OA\Property] public string $year,
    ) {
    }
}
