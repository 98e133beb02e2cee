<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A page of the list of couples; `next` is the key of the page after it. */
#[OA\Schema]
final readonly class CouplesPage
{
    /** @param  list<CoupleLine>  $rows */
    public function __construct(
        #[ListOf(CoupleLine::class)] public array $rows,
        #[OA\Property] public ?string $next,
        #[OA\Property] public int $shown,
        #[OA\Property] public int $total,
    ) {
    }
}
