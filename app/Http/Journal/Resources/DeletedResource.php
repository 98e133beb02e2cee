<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use OpenApi\Attributes as OA;

/** One thing that was deleted: `id` of its entry in the journal, `with` what went with it. */
#[OA\Schema]
final readonly class DeletedResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $called,
        #[OA\Property(description: 'whose it was; empty of what is nobody’s')] public string $whose,
        #[OA\Property] public string $with,
        #[OA\Property] public string $who,
        #[OA\Property] public string $madeAt,
        #[OA\Property] public string $why,
    ) {
    }
}
