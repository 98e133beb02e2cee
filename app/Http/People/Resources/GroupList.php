<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class GroupList
{
    /** @param  list<GroupResource>  $groups */
    public function __construct(
        #[ListOf(GroupResource::class)] public array $groups,
    ) {
    }
}
