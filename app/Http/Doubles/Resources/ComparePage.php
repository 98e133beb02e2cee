<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** Two to four people side by side, each against each other. */
#[OA\Schema]
final readonly class ComparePage
{
    /**
     * @param  list<NamedPerson>  $people
     * @param  list<ComparedLine>  $lines
     * @param  list<ComparedPair>  $pairs
     * @param  list<ComparedLife>  $lives  on one axis
     * @param  list<NamedPerson>  $others  who hangs together with them and does not stand here
     */
    public function __construct(
        #[ListOf(NamedPerson::class)] public array $people,
        #[ListOf(ComparedLine::class)] public array $lines,
        #[ListOf(ComparedPair::class)] public array $pairs,
        #[ListOf(ComparedLife::class)] public array $lives,
        #[OA\Property(description: 'first year of the axis of lives; 0 where nothing is dated')] public int $fromYear,
        #[OA\Property] public int $toYear,
        #[ListOf(NamedPerson::class)] public array $others,
    ) {
    }
}
