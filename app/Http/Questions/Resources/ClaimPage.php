<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A claim with its classes, and the others that are told of the same: it can have been copied from one of them. */
#[OA\Schema]
final readonly class ClaimPage
{
    /** @param  list<WeighingRow>  $rows */
    public function __construct(
        #[OA\Property] public WeighingRow $row,
        #[ListOf(WeighingRow::class)] public array $rows,
    ) {
    }
}
