<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Some of a kind that can be joined, by their names. */
#[OA\Schema]
final readonly class JoinablesPage
{
    /** @param  list<JoinableResource>  $rows */
    public function __construct(#[ListOf(JoinableResource::class)] public array $rows)
    {
    }
}
