<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use OpenApi\Attributes as OA;

/** A saved drawing as it stands in a list. */
#[OA\Schema]
final readonly class SavedDrawingLine
{
    /** @param  string  $kind  what a drawing of its kind is called */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public int $people,
    ) {
    }
}
