<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RecordKindList
{
    /** @param  list<RecordKindResource>  $kinds */
    public function __construct(
        #[ListOf(RecordKindResource::class)] public array $kinds,
    ) {
    }
}
