<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/** A page of a file as it can be looked at: its size in pixels and the sizes in which its tiles come. */
#[OA\Schema]
final readonly class PagePreview
{
    public function __construct(
        #[OA\Property] public int $width,
        #[OA\Property] public int $height,
        #[OA\Property] public int $levels,
    ) {
    }
}
