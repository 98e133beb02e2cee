<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TreeList
{
    /** @param  list<TreeLine>  $trees */
    public function __construct(
        #[ListOf(TreeLine::class)] public array $trees,
    ) {
    }
}
