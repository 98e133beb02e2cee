<?php

declare(strict_types=1);

namespace App\Http\Research\Resources;

use OpenApi\Attributes as OA;

/** Something to do, and whom it is about. */
#[OA\Schema]
final readonly class TaskResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $text,
        #[OA\Property] public bool $done,
        #[OA\Property] public ?string $personId,
        #[OA\Property] public ?string $recordId,
        #[OA\Property] public string $about,
    ) {
    }
}
