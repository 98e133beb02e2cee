<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A picture of a record, with the place and zoom at which it was left. */
#[OA\Schema]
final readonly class ImageResource
{
    /** @param  list<PagePreview>  $pages */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $mediaId,
        #[OA\Property] public string $title,
        #[OA\Property] public string $type,
        #[OA\Property] public string $state,
        #[OA\Property] public string $problem,
        #[ListOf(PagePreview::class)] public array $pages,
        #[OA\Property] public ?ImageViewResource $view,
    ) {
    }
}
