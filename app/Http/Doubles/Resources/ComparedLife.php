<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** One life on the common axis. */
#[OA\Schema]
final readonly class ComparedLife
{
    /** @param  list<ComparedMark>  $marks */
    public function __construct(#[OA\Property] public string $personId, #[ListOf(ComparedMark::class)] public array $marks)
    {
    }
}
