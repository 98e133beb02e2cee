<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NearName
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
    ) {
    }
}
