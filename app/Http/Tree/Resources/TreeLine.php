<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

/** A tree in the list of one's trees; `changedAt` is empty where nothing was ever changed. */
#[OA\Schema]
final readonly class TreeLine
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $role,
        #[OA\Property] public int $people,
        #[OA\Property] public string $changedAt,
    ) {
    }
}
