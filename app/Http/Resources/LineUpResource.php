<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A record lined up with the tree. */
#[OA\Schema]
final readonly class LineUpResource
{
    /** @param  list<LinedUpLine>  $lines */
    public function __construct(
        #[ListOf(LinedUpLine::class)] public array $lines,
        #[OA\Property] public string $fewer,
        #[OA\Property] public string $reason,
    ) {
    }
}
