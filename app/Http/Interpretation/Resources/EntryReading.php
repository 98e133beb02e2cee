<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What was understood of a person typed in one line. */
#[OA\Schema]
final readonly class EntryReading
{
    /** @param  list<EntryEventResource>  $events */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $given,
        #[OA\Property] public string $surname,
        #[OA\Property] public string $sexWord,
        #[ListOf(EntryEventResource::class)] public array $events,
    ) {
    }
}
