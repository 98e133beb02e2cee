<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

/** Names that stand for one another, parted by spaces. */
#[OA\Schema]
final readonly class VariantsResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $words,
    ) {
    }
}
