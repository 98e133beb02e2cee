<?php

declare(strict_types=1);

namespace App\Http\Numbers\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NumberSystemResource
{
    public function __construct(#[OA\Property] public string $code, #[OA\Property] public string $title)
    {
    }
}
