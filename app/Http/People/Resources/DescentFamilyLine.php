<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** One union of somebody in an outline, with the children; `ages` are those of the two at the wedding. */
#[OA\Schema]
final readonly class DescentFamilyLine
{
    /**
     * @param  list<NamedPerson>  $partners  beside the one of the line; none where nobody is known
     * @param  list<string>  $notches  how the wedding is backed
     * @param  list<Descendant>  $children
     */
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $unionId,
        #[ListOf(NamedPerson::class)] public array $partners,
        #[OA\Property] public string $married,
        #[OA\Property] public string $ages,
        #[ListOf('string')] public array $notches,
        #[ListOf(Descendant::class)] public array $children,
    ) {
    }
}
