<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A file with its regions and what it is on. */
#[OA\Schema]
final readonly class PicturePage
{
    /**
     * @param  list<PagePreview>  $pages
     * @param  list<RegionResource>  $regions
     * @param  list<PictureOn>  $on
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $title,
        #[OA\Property] public string $restriction,
        #[OA\Property] public string $path,
        #[OA\Property] public string $type,
        #[OA\Property] public int $bytes,
        #[OA\Property] public string $state,
        #[OA\Property] public string $problem,
        #[ListOf(PagePreview::class)] public array $pages,
        #[ListOf(RegionResource::class)] public array $regions,
        #[ListOf(PictureOn::class)] public array $on,
    ) {
    }
}
