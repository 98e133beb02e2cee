<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

/** A group or a coloured mark; its kind says which. */
#[OA\Schema]
final readonly class GroupResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $name,
        #[OA\Property] public string $colour,
        #[OA\Property] public string $meaning,
        #[OA\Property] public int $members,
    ) {
    }
}
