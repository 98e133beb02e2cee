<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ImportResource
{
    /**
     * @param  list<CountResource>  $counts
     * @param  list<UnplacedLine>  $unplaced
     * @param  list<UnplacedLine>  $noted  placed, and odd all the same
     * @param  list<KeptCountResource>  $kept  what has no field here
     * @param  list<UnplacedLine>  $repaired  what was read otherwise than it stands there
     * @param  list<string>  $picturesMissing  files that it names and that did not come
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $fileName,
        #[OA\Property] public string $standard,
        #[OA\Property] public string $broughtInAt,
        #[ListOf(CountResource::class)] public array $counts,
        #[ListOf(UnplacedLine::class)] public array $unplaced,
        #[ListOf(UnplacedLine::class)] public array $noted,
        #[ListOf(KeptCountResource::class)] public array $kept,
        #[ListOf(UnplacedLine::class)] public array $repaired,
        #[OA\Property] public int $picturesFound,
        #[OA\Property] public int $picturesMissingCount,
        #[ListOf('string')] public array $picturesMissing,
        #[OA\Property] public ImportExclusionsResource $leftOut,
    ) {
    }
}
