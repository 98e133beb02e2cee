<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class FieldUseList
{
    /** @param  list<FieldUse>  $fields */
    public function __construct(
        #[ListOf(FieldUse::class)] public array $fields,
    ) {
    }
}
