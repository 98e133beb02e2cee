<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class StyledText
{
    public function __construct(
        #[OA\Property] public string $text,
        #[OA\Property] public string $style,
    ) {
    }
}
