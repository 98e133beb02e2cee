<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** What came of taking a record in. */
#[OA\Schema]
final readonly class CommitSummaryResource
{
    public function __construct(
        #[OA\Property] public string $said,
        #[OA\Property] public int $version,
    ) {
    }
}
