<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use OpenApi\Attributes as OA;

/** A made-up event as a sentence tells it. */
#[OA\Schema]
final readonly class ToldSentence
{
    /** @param  string  $problem  why it cannot be read; empty where it can */
    public function __construct(#[OA\Property] public string $sentence, #[OA\Property] public string $problem)
    {
    }
}
