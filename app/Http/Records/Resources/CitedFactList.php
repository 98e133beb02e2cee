<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CitedFactList
{
    /** @param  list<CitedFact>  $facts */
    public function __construct(#[ListOf(CitedFact::class)] public array $facts)
    {
    }
}
