<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A span in words, and for each of its edges the reasoning behind it; an open side has none. */
#[OA\Schema]
final readonly class WindowBound
{
    /**
     * @param  list<string>  $whyFrom
     * @param  list<string>  $whyTo
     */
    public function __construct(
        #[OA\Property] public string $shown,
        #[ListOf('string')] public array $whyFrom,
        #[ListOf('string')] public array $whyTo,
    ) {
    }
}
