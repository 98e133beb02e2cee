<?php

declare(strict_types=1);

namespace App\Http\Exchange\Inputs;

use OpenApi\Attributes as OA;

/** Somebody of a file who is somebody of the tree. */
#[OA\Schema]
final readonly class TakenInput
{
    public function __construct(#[OA\Property] public string $pointer, #[OA\Property] public string $personId)
    {
    }
}
