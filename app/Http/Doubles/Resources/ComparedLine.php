<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** One aspect of people who stand side by side. */
#[OA\Schema]
final readonly class ComparedLine
{
    /** @param  list<ComparedCell>  $cells  by person */
    public function __construct(
        #[OA\Property] public string $aspect,
        #[ListOf(ComparedCell::class)] public array $cells,
        #[OA\Property(enum: ['agrees', 'fits', 'strains', 'contradicts', 'differs', 'told of one'])] public string $word,
    ) {
    }
}
