<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** What somebody can be on a kind of record. */
#[OA\Schema]
final readonly class RollRoleResource
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $word,
        #[OA\Property] public string $tie,
        #[OA\Property] public bool $isAside,
        #[OA\Property] public bool $mayRepeat,
    ) {
    }
}
