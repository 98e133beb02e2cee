<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class KindResource
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $word,
        #[OA\Property] public bool $ofPerson,
        #[OA\Property] public bool $ofUnion,
        #[OA\Property] public bool $hasValue,
        #[OA\Property] public ?string $ownId = null,
    ) {
    }
}
