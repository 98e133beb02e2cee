<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RelativeResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[Shielded] #[OA\Property] public string $name,
        #[Shielded] #[OA\Property] public string $given,
        #[OA\Property] public string $years,
    ) {
    }
}
