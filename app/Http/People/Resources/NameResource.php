<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** `typed` is the name with slashes, as it can be typed again. */
#[OA\Schema]
final readonly class NameResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $kindWord,
        #[Shielded] #[OA\Property] public string $shown,
        #[Shielded] #[OA\Property] public string $typed,
        #[OA\Property] public string $standing,
    ) {
    }
}
