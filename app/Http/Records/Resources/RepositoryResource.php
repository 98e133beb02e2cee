<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NoteResource;
use OpenApi\Attributes as OA;

/** Where a source is kept; `sources` counts all that are kept there. */
#[OA\Schema]
final readonly class RepositoryResource
{
    /** @param  list<NoteResource>  $notes */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public int $sources,
        #[ListOf(NoteResource::class)] public array $notes,
    ) {
    }
}
