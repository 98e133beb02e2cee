<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SuggestionList
{
    /** @param  list<string>  $suggestions */
    public function __construct(
        #[ListOf('string')] public array $suggestions,
    ) {
    }
}
