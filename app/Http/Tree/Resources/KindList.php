<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class KindList
{
    /** @param  list<KindResource>  $kinds */
    public function __construct(
        #[ListOf(KindResource::class)] public array $kinds,
    ) {
    }
}
