<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A page of the index; `next` is the key of the page after it. */
#[OA\Schema]
final readonly class PeoplePage
{
    /** @param  list<PersonLine>  $rows */
    public function __construct(
        #[ListOf(PersonLine::class)] public array $rows,
        #[OA\Property] public ?string $next,
        #[OA\Property] public int $shown,
        #[OA\Property] public int $total,
    ) {
    }
}
