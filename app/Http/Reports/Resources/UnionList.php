<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UnionList
{
    /**
     * @param  list<UnionLine>  $unions
     * @param  bool  $isNearest  whether nobody is called so, and these come nearest
     */
    public function __construct(
        #[ListOf(UnionLine::class)] public array $unions,
        #[OA\Property] public bool $isNearest,
    ) {
    }
}
