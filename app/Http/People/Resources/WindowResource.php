<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** When somebody must, and likely did, live. */
#[OA\Schema]
final readonly class WindowResource
{
    /** @param  list<string>  $impossible  birth or death, where what is told leaves no day */
    public function __construct(
        #[OA\Property] public WindowBound $bornCertain,
        #[OA\Property] public WindowBound $bornLikely,
        #[OA\Property] public WindowBound $diedCertain,
        #[OA\Property] public WindowBound $diedLikely,
        #[ListOf('string')] public array $impossible,
    ) {
    }
}
