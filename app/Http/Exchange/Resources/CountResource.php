<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CountResource
{
    public function __construct(
        #[OA\Property] public string $word,
        #[OA\Property(description: 'in the file')] public int $count,
        #[OA\Property(description: 'in the tree before it came in; null where that was not remembered')] public ?int $before,
        #[OA\Property] public ?int $after,
    ) {
    }
}
