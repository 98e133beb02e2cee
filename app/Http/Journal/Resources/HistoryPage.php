<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class HistoryPage
{
    /** @param  list<HistoryEntry>  $entries */
    public function __construct(
        #[ListOf(HistoryEntry::class)] public array $entries,
        #[OA\Property] public ?int $next,
    ) {
    }
}
