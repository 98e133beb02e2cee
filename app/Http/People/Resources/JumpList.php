<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class JumpList
{
    /** @param  list<PersonLine>  $people */
    public function __construct(
        #[ListOf(PersonLine::class)] public array $people,
    ) {
    }
}
