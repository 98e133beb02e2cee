<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use NorthBough\Core\Drawing\Scene\Picture;
use OpenApi\Attributes as OA;

/** A picture in its place on a drawing; `address` is beneath that of the tree; `personId` is empty in a box. */
#[OA\Schema]
final readonly class SetPictureResource
{
    /** In so many parts a page is told in an address, each way. */
    public const PARTS = 10000;

    public function __construct(
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public string $address,
        #[OA\Property] public string $personId,
    ) {
    }

    public static function of(Picture $picture): self
    {
        $cut = $picture->cut;
        $place = implode('-', array_map(static fn (float $share): int => (int) round($share * self::PARTS),
            [$cut->left, $cut->top, $cut->width, $cut->height]));

        return new self($picture->x, $picture->y, $picture->width, $picture->height, "media/{$cut->mediaId}/cuts/{$cut->page}/{$place}",
            $picture->personId);
    }
}
