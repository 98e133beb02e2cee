<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** What is being typed and is not kept yet. */
#[OA\Schema]
final readonly class DraftResource
{
    public function __construct(
        #[OA\Property] public int $seq,
        #[OA\Property] public int $ofVersion,
        #[OA\Property] public string $savedAt,
        #[OA\Property] public string $by,
        #[OA\Property] public bool $isMine,
        #[OA\Property] public string $roll,
    ) {
    }
}
