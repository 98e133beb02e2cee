<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What came of taking two people apart. */
#[OA\Schema]
final readonly class ApartPage
{
    /**
     * @param  list<RowSinceResource>  $asked  what stayed because nothing tells whose it is
     * @param  list<string>  $remarks
     */
    public function __construct(
        #[OA\Property] public string $backId,
        #[ListOf(RowSinceResource::class)] public array $asked,
        #[ListOf('string')] public array $remarks,
    ) {
    }
}
