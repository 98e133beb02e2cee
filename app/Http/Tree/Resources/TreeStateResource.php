<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

/** The number of the last change set, and what refuses edits meanwhile. */
#[OA\Schema]
final readonly class TreeStateResource
{
    public function __construct(
        #[OA\Property] public int $lastChange,
        #[OA\Property] public string $busyWith,
    ) {
    }
}
