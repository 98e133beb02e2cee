<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SourceKindList
{
    /** @param  list<SourceKindResource>  $kinds */
    public function __construct(
        #[ListOf(SourceKindResource::class)] public array $kinds,
    ) {
    }
}
