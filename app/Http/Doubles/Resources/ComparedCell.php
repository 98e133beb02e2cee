<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What is told of one person in one aspect, the leading value first. */
#[OA\Schema]
final readonly class ComparedCell
{
    /** @param  list<string>  $values */
    public function __construct(#[ListOf('string')] public array $values)
    {
    }
}
