<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UnionLine
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $names,
        #[OA\Property] public string $year,
    ) {
    }
}
