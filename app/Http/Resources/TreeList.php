<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TreeList
{
    /** @param  list<TreeResource>  $trees */
    public function __construct(
        #[ListOf(TreeResource::class)] public array $trees,
    ) {
    }
}
