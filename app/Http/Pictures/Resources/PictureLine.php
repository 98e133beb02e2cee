<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A file in a list, with what it is on. */
#[OA\Schema]
final readonly class PictureLine
{
    /**
     * @param  list<PagePreview>  $pages
     * @param  list<string>  $on
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $title,
        #[OA\Property] public string $path,
        #[OA\Property] public string $type,
        #[OA\Property] public int $bytes,
        #[OA\Property] public string $state,
        #[ListOf(PagePreview::class)] public array $pages,
        #[ListOf('string')] public array $on,
    ) {
    }
}
