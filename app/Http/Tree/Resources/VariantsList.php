<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class VariantsList
{
    /** @param  list<VariantsResource>  $variants */
    public function __construct(
        #[ListOf(VariantsResource::class)] public array $variants,
    ) {
    }
}
