<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What is looked at beside a fact: the strips of the pages behind it, and the pictures that were put on it. */
#[OA\Schema]
final readonly class ImagesBesideFact
{
    /**
     * @param  list<ClaimImageStrip>  $slips
     * @param  list<PictureHere>  $pictures
     */
    public function __construct(
        #[ListOf(ClaimImageStrip::class)] public array $slips,
        #[ListOf(PictureHere::class)] public array $pictures,
    ) {
    }
}
