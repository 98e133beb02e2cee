<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use OpenApi\Attributes as OA;

/** A span in which somebody must have been born, or have died, that would move. */
#[OA\Schema]
final readonly class MovedWindow
{
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $personName,
        #[OA\Property(enum: ['born', 'died'])] public string $what,
        #[OA\Property] public string $before,
        #[OA\Property] public string $after,
    ) {
    }
}
