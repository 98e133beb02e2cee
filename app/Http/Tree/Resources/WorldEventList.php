<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class WorldEventList
{
    /** @param  list<WorldEventResource>  $events in order of time */
    public function __construct(
        #[ListOf(WorldEventResource::class)] public array $events,
    ) {
    }
}
