<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A record lined up with the tree. */
#[OA\Schema]
final readonly class RecordMatchResource
{
    /** @param  list<MatchedLine>  $lines */
    public function __construct(
        #[ListOf(MatchedLine::class)] public array $lines,
        #[OA\Property] public string $fewer,
        #[OA\Property] public string $reason,
    ) {
    }
}
