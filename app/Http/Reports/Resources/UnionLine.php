<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UnionLine
{
    public function __construct(
        #[OA\Property] public string $id,
        #[Shielded] #[OA\Property] public string $names,
        #[OA\Property] public string $year,
    ) {
    }
}
