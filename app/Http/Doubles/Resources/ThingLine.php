<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** What is told of two, side by side. */
#[OA\Schema]
final readonly class ThingLine
{
    public function __construct(
        #[OA\Property] public string $label,
        #[OA\Property(description: 'empty where nothing is told')] public string $kept,
        #[OA\Property] public string $gone,
    ) {
    }
}
