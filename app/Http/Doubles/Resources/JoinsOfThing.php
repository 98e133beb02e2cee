<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What is called the same as something, or has the same content; and what was joined to it, the last first. */
#[OA\Schema]
final readonly class JoinsOfThing
{
    /**
     * @param  list<JoinableResource>  $alike
     * @param  list<JoinResource>  $joins
     */
    public function __construct(#[ListOf(JoinableResource::class)] public array $alike, #[ListOf(JoinResource::class)] public array $joins)
    {
    }
}
