<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UnionList
{
    /** @param  list<UnionLine>  $unions */
    public function __construct(
        #[ListOf(UnionLine::class)] public array $unions,
    ) {
    }
}
