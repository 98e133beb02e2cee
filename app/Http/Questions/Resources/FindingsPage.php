<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What was found and is not taken up; `count` of all on the first page, `isFollowing` while a change is still being followed. */
#[OA\Schema]
final readonly class FindingsPage
{
    /** @param  list<FindingResource>  $found */
    public function __construct(
        #[ListOf(FindingResource::class)] public array $found,
        #[OA\Property] public ?int $next,
        #[OA\Property] public int $count,
        #[OA\Property] public bool $isFollowing,
    ) {
    }
}
