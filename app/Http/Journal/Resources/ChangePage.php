<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What one change wrote, in the order in which it did; of a very large one the last rows. */
#[OA\Schema]
final readonly class ChangePage
{
    /** @param  list<EntryResource>  $entries */
    public function __construct(#[ListOf(EntryResource::class)] public array $entries)
    {
    }
}
