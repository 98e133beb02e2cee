<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** Somebody of the family on whose same event a citation may be put too. */
#[OA\Schema]
final readonly class ShareOffer
{
    /** @param  string  $fact  the event as it stands; empty where they have none and it would be made */
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $name,
        #[OA\Property] public string $years,
        #[OA\Property] public string $fact,
        #[OA\Property] public bool $isCited,
    ) {
    }
}
