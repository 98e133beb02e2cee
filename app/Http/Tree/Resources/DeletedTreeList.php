<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DeletedTreeList
{
    /** @param  list<DeletedTreeResource>  $trees the last deleted first */
    public function __construct(
        #[ListOf(DeletedTreeResource::class)] public array $trees,
    ) {
    }
}
