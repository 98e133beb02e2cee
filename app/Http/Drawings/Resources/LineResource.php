<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** `points` is x, y, x, y … */
#[OA\Schema]
final readonly class LineResource
{
    /** @param  list<float>  $points */
    public function __construct(
        #[ListOf('number')] public array $points,
        #[OA\Property] public bool $dotted,
        #[OA\Property] public string $fromId,
        #[OA\Property] public string $toId,
    ) {
    }
}
