<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

/** Somebody in a file that is not in yet. */
#[OA\Schema]
final readonly class FilePerson
{
    public function __construct(
        #[OA\Property] public string $pointer,
        #[OA\Property] public string $name,
        #[OA\Property] public string $years,
    ) {
    }
}
