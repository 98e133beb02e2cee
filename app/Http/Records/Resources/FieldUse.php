<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** How many sources say something in a field, and what the first of them say. */
#[OA\Schema]
final readonly class FieldUse
{
    /** @param  list<string>  $examples */
    public function __construct(
        #[OA\Property] public string $field,
        #[OA\Property] public int $sources,
        #[ListOf('string')] public array $examples,
    ) {
    }
}
