<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** What of somebody can be called into a text. */
#[OA\Schema]
final readonly class CallableThings
{
    /**
     * @param  list<CallableFact>  $facts  in the order of the life
     * @param  list<CallableRecord>  $records  cited by these
     * @param  list<NamedPerson>  $people  themselves first, then parents, partners and children
     * @param  list<string>  $notes  what stands in notes about them, to be read while one writes
     */
    public function __construct(
        #[ListOf(CallableFact::class)] public array $facts,
        #[ListOf(CallableRecord::class)] public array $records,
        #[ListOf(NamedPerson::class)] public array $people,
        #[ListOf('string')] public array $notes = [],
    ) {
    }
}
