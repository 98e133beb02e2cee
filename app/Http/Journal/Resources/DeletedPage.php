<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What was deleted and waits to be put back, the newest first. */
#[OA\Schema]
final readonly class DeletedPage
{
    /** @param  list<DeletedResource>  $things */
    public function __construct(
        #[ListOf(DeletedResource::class)] public array $things,
        #[OA\Property] public ?int $next,
    ) {
    }
}
