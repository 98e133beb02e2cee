<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CountResource
{
    public function __construct(
        #[OA\Property] public string $word,
        #[OA\Property] public int $count,
    ) {
    }
}
