<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use OpenApi\Attributes as OA;

/** What *Undo* and *Redo* would do for whoever asks, in words; empty where there is nothing. */
#[OA\Schema]
final readonly class NextStepsResource
{
    public function __construct(
        #[OA\Property] public string $undo,
        #[OA\Property] public string $redo,
    ) {
    }
}
