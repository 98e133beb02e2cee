<?php

declare(strict_types=1);

namespace App\Http\Research\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** A search that was made. */
#[OA\Schema]
final readonly class SearchResource
{
    /**
     * @param  list<NamedPerson>  $people
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $date,
        #[OA\Property] public string $lookedFor,
        #[OA\Property] public string $lookedIn,
        #[OA\Property] public string $outcome,
        #[OA\Property] public string $found,
        #[OA\Property] public string $note,
        #[OA\Property] public bool $isWhole,
        #[ListOf(NamedPerson::class)] public array $people,
    ) {
    }
}
