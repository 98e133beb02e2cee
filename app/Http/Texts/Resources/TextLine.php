<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A text in a list. */
#[OA\Schema]
final readonly class TextLine
{
    /** @param  string  $about  whom or what it is about; empty for nobody in particular */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $title,
        #[Shielded] #[OA\Property] public string $about,
        #[OA\Property] public int $words,
    ) {
    }
}
