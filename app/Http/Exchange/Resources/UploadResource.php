<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UploadResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $received,
        #[OA\Property] public int $pieceBytes,
    ) {
    }
}
