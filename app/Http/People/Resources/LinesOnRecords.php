<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LinesOnRecords
{
    /** @param  list<LineOnRecord>  $lines */
    public function __construct(
        #[ListOf(LineOnRecord::class)] public array $lines,
    ) {
    }
}
