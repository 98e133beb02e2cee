<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** An outline of descendants, as far as it was asked for; whose families are missing can be asked for in turn. */
#[OA\Schema]
final readonly class DescentPage
{
    /** @param  list<DescentFamilyLine>  $families */
    public function __construct(
        #[OA\Property(type: 'object', ref: Descendant::class)] public Descendant $person,
        #[ListOf(DescentFamilyLine::class)] public array $families,
    ) {
    }
}
