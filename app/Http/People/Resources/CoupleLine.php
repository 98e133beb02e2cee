<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A couple in one line of the list of couples. */
#[OA\Schema]
final readonly class CoupleLine
{
    /**
     * @param  list<NamedPerson>  $partners  one or two
     * @param  list<string>  $notches  how the wedding is backed: a weight for each origin
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[ListOf(NamedPerson::class)] public array $partners,
        #[OA\Property] public string $married,
        #[OA\Property] public string $place,
        #[OA\Property] public int $children,
        #[ListOf('string')] public array $notches,
    ) {
    }
}
