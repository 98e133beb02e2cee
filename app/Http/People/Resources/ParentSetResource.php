<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ParentSetResource
{
    /**
     * @param  list<RelativeResource>  $parents
     * @param  list<RelativeResource>  $siblings
     * @param  list<ParentageResource>  $ties  what each parent is to the child
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $unionId,
        #[OA\Property] public string $kind,
        #[OA\Property] public bool $leads,
        #[OA\Property] public string $standing,
        #[OA\Property] public string $proof,
        #[ListOf(RelativeResource::class)] public array $parents,
        #[ListOf(RelativeResource::class)] public array $siblings,
        #[ListOf(ParentageResource::class)] public array $ties,
    ) {
    }
}
