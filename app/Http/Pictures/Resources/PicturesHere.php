<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PicturesHere
{
    /** @param  list<PictureHere>  $pictures */
    public function __construct(
        #[ListOf(PictureHere::class)] public array $pictures,
    ) {
    }
}
