<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class KindList
{
    /**
     * @param  list<KindResource>  $kinds
     * @param  array<string, string>  $traits  what a kind can say of a life, in words, by code
     */
    public function __construct(
        #[ListOf(KindResource::class)] public array $kinds,
        #[MapOf('string')] public array $traits,
    ) {
    }
}
