<?php

declare(strict_types=1);

namespace App\Http\Doubles\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Who may be the same as one person, the likeliest first; and who was joined to them, the last first. */
#[OA\Schema]
final readonly class DoublesOfPerson
{
    /**
     * @param  list<DoubleRow>  $pairs  those that were ruled on among them
     * @param  list<JoinResource>  $joins
     */
    public function __construct(#[ListOf(DoubleRow::class)] public array $pairs, #[ListOf(JoinResource::class)] public array $joins)
    {
    }
}
