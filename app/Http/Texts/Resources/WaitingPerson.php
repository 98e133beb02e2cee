<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** Somebody whose notes came with a file, and of whom nobody wrote a text yet. */
#[OA\Schema]
final readonly class WaitingPerson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public int $notes,
    ) {
    }
}
