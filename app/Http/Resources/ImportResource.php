<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ImportResource
{
    /**
     * @param  list<CountResource>  $counts
     * @param  list<UnplacedResource>  $unplaced
     * @param  list<UnplacedResource>  $noted  placed, and odd all the same
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $fileName,
        #[OA\Property] public string $standard,
        #[OA\Property] public string $broughtInAt,
        #[ListOf(CountResource::class)] public array $counts,
        #[ListOf(UnplacedResource::class)] public array $unplaced,
        #[ListOf(UnplacedResource::class)] public array $noted,
    ) {
    }
}
