<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** Whom a search for doubles looked at: those with one sure double, with several or unsure ones, and with none add up. */
#[OA\Schema]
final readonly class ScanCounts
{
    public function __construct(
        #[OA\Property(description: 'whom it was asked of: everybody, or a slice in words')] public string $of,
        #[OA\Property] public int $lookedAt,
        #[OA\Property] public int $sure,
        #[OA\Property] public int $several,
        #[OA\Property] public int $none,
    ) {
    }
}
