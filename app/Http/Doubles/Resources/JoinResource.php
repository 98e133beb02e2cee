<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Somebody who was joined to somebody: who, by whom and when; and what would have to be asked if they were taken apart. */
#[OA\Schema]
final readonly class JoinResource
{
    /** @param  list<RowSinceResource>  $asked */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $says,
        #[ListOf(RowSinceResource::class)] public array $asked,
    ) {
    }
}
