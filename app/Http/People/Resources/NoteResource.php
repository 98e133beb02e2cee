<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NoteResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $text,
        #[OA\Property] public bool $isResearch,
    ) {
    }
}
