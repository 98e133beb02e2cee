<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use OpenApi\Attributes as OA;

/** The strip of page that one line stands on, as shares of the page’s sides. */
#[OA\Schema]
final readonly class ImageStrip
{
    public function __construct(
        #[OA\Property] public string $image,
        #[OA\Property] public int $page,
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
    ) {
    }

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self
    {
        return new self($kept['image'], (int) $kept['page'], (float) $kept['left'], (float) $kept['top'], (float) $kept['width'],
            (float) $kept['height']);
    }
}
