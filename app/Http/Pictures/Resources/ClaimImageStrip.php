<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/** The ink that a claim was read from: the strip of the page on which its line stands. */
#[OA\Schema]
final readonly class ClaimImageStrip
{
    public function __construct(
        #[OA\Property] public string $claimId,
        #[OA\Property] public string $mediaId,
        #[OA\Property] public PagePreview $page,
        #[OA\Property] public ImageStrip $slip,
        #[OA\Property] public ?ImageViewResource $view,
    ) {
    }
}
