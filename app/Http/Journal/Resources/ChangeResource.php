<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use OpenApi\Attributes as OA;

/** One change; `whose` it is in words, empty where that is nobody’s or the summary says it. */
#[OA\Schema]
final readonly class ChangeResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $seq,
        #[OA\Property] public string $summary,
        #[OA\Property] public string $whose,
        #[OA\Property] public string $why,
        #[OA\Property] public string $who,
        #[OA\Property] public string $how,
        #[OA\Property] public string $madeAt,
        #[OA\Property] public bool $undone,
        #[OA\Property] public bool $canUndo,
        #[OA\Property] public int $rows,
    ) {
    }
}
