<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NearestList
{
    /** @param  list<NearName>  $names */
    public function __construct(
        #[ListOf(NearName::class)] public array $names,
    ) {
    }
}
