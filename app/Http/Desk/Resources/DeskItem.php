<?php

declare(strict_types=1);

namespace App\Http\Desk\Resources;

use OpenApi\Attributes as OA;

/** One thing that waits, what it holds up, and where to go. */
#[OA\Schema]
final readonly class DeskItem
{
    public function __construct(
        #[OA\Property] public string $text,
        #[OA\Property] public string $weight,
        #[OA\Property] public string $link,
    ) {
    }
}
