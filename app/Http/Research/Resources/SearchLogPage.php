<?php

declare(strict_types=1);

namespace App\Http\Research\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** The log of searches, the last first. */
#[OA\Schema]
final readonly class SearchLogPage
{
    /**
     * @param  list<SearchResource>  $searches
     */
    public function __construct(
        #[ListOf(SearchResource::class)] public array $searches,
        #[OA\Property(description: 'cursor of the next page')] public ?string $next,
    ) {
    }
}
