<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use OpenApi\Attributes as OA;

/** A date as typed and as understood; `understood` is the line that stands under the field. */
#[OA\Schema]
final readonly class DateResource
{
    public function __construct(
        #[OA\Property] public string $typed,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $shown,
        #[OA\Property] public ?string $earliest,
        #[OA\Property] public ?string $latest,
        #[OA\Property] public string $precision,
        #[OA\Property] public bool $ambiguous,
        #[OA\Property] public string $problem,
        #[OA\Property] public string $understood,
    ) {
    }
}
