<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use App\Http\Research\Resources\SearchResource;
use OpenApi\Attributes as OA;

/** What helps beside a case: spellings, ages and places at one time, when each was last seen. */
#[OA\Schema]
final readonly class CaseContextResource
{
    /**
     * @param  list<NameSpellings>  $names
     * @param  list<PersonAtTimeResource>  $people
     * @param  list<LastSeenResource>  $seen
     * @param  list<SearchResource>  $searches  made for those concerned
     */
    public function __construct(
        #[OA\Property(description: 'the time, as it was read; empty where none can be told')] public string $on,
        #[ListOf(NameSpellings::class)] public array $names,
        #[ListOf(PersonAtTimeResource::class)] public array $people,
        #[ListOf(LastSeenResource::class)] public array $seen,
        #[ListOf(SearchResource::class)] public array $searches,
    ) {
    }
}
