<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A source much like the one that is being described. */
#[OA\Schema]
final readonly class SimilarSource
{
    /** @param  list<StyledText>  $bibliography */
    public function __construct(
        #[OA\Property] public string $id,
        #[ListOf(StyledText::class)] public array $bibliography,
    ) {
    }
}
