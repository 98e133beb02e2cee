<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use App\Http\Exchange\Resources\RunResource;
use OpenApi\Attributes as OA;

/** Pairs that may be one person, the likeliest or the largest cluster first. */
#[OA\Schema]
final readonly class DoublesPage
{
    /** @param  list<DoubleRow>  $pairs */
    public function __construct(
        #[ListOf(DoubleRow::class)] public array $pairs,
        #[OA\Property(description: 'cursor of the next page')] public ?string $next,
        #[OA\Property(description: 'pairs that nobody ruled on')] public int $toDo,
        #[OA\Property(description: 'those of them that are over 99 % likely and of the name that is asked for')] public int $sure,
        #[OA\Property(description: 'pairs that were ruled to be two people')] public int $different,
        #[OA\Property(description: 'pairs put off')] public int $later,
        #[OA\Property(description: 'the search that is under way or was the last; null before the first')] public ?RunResource $scan,
        #[OA\Property(description: 'whom the last search looked at, and what it found')] public ?ScanCounts $counts,
    ) {
    }
}
