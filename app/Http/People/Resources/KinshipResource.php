<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Everything that the second person is to the first, nearest first; nothing where they are not kin. */
#[OA\Schema]
final readonly class KinshipResource
{
    /** @param  list<RelationshipResource>  $found */
    public function __construct(
        #[OA\Property] public NamedPerson $of,
        #[OA\Property] public NamedPerson $who,
        #[ListOf(RelationshipResource::class)] public array $found,
    ) {
    }
}
