<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** One thing that was changed about somebody: `op` is insert, update or delete; `version` that of the row now, 0 where it is gone. */
#[OA\Schema]
final readonly class HistoryEntry
{
    /** @param  list<HistoryValue>  $values */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $seq,
        #[OA\Property] public string $op,
        #[OA\Property] public string $called,
        #[OA\Property] public int $version,
        #[OA\Property] public string $who,
        #[OA\Property] public string $madeAt,
        #[OA\Property] public string $summary,
        #[OA\Property] public string $why,
        #[ListOf(HistoryValue::class)] public array $values,
    ) {
    }
}
