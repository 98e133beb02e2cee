<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/** A picture or file on somebody, a fact or a place, small. */
#[OA\Schema]
final readonly class PictureHere
{
    public function __construct(
        #[OA\Property] public string $imageId,
        #[OA\Property] public string $mediaId,
        #[OA\Property] public string $title,
        #[OA\Property] public string $state,
        #[OA\Property] public ?PagePreview $page,
    ) {
    }
}
