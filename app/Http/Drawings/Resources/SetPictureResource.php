<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use NorthBough\Core\Drawing\Scene\Picture;
use OpenApi\Attributes as OA;

/** A picture in its place on a drawing. */
#[OA\Schema]
final readonly class SetPictureResource
{
    public function __construct(
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public string $mediaId,
    ) {
    }

    public static function of(Picture $picture): self
    {
        return new self($picture->x, $picture->y, $picture->width, $picture->height, $picture->mediaId);
    }
}
