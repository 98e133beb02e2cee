<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A pedigree of a few generations, and whoever one can step down to. */
#[OA\Schema]
final readonly class PedigreePage
{
    /**
     * @param  list<SeatedAncestor>  $seats
     * @param  list<NamedPerson>  $children  of whoever it begins with
     */
    public function __construct(
        #[ListOf(SeatedAncestor::class)] public array $seats,
        #[ListOf(NamedPerson::class)] public array $children,
    ) {
    }
}
