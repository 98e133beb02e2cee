<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use OpenApi\Attributes as OA;

/** Something that was made after a join, of which nothing tells whose it is. */
#[OA\Schema]
final readonly class RowSinceResource
{
    public function __construct(#[OA\Property] public string $id, #[OA\Property] public string $says)
    {
    }
}
