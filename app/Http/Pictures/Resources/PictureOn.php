<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/** What a picture is on. */
#[OA\Schema]
final readonly class PictureOn
{
    public function __construct(
        #[OA\Property] public string $imageId,
        #[OA\Property] public string $says,
        #[OA\Property] public string $link,
    ) {
    }
}
