<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A source much like the one that is being described. */
#[OA\Schema]
final readonly class LikeSource
{
    /** @param  list<WordsResource>  $bibliography */
    public function __construct(
        #[OA\Property] public string $id,
        #[ListOf(WordsResource::class)] public array $bibliography,
    ) {
    }
}
