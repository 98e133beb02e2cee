<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

/** A custom by which families hand their surname on. */
#[OA\Schema]
final readonly class NamingCustomResource
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $word,
    ) {
    }
}
