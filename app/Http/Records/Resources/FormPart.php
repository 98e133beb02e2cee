<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use OpenApi\Attributes as OA;

/** A word of a form, or a gap in it for a field. */
#[OA\Schema]
final readonly class FormPart
{
    public function __construct(
        #[OA\Property] public string $field,
        #[OA\Property] public string $text,
    ) {
    }
}
