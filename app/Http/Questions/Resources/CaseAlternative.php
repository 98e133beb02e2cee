<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** One answer, with the points for and against it. */
#[OA\Schema]
final readonly class CaseAlternative
{
    /**
     * @param  list<CasePoint>  $points
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $title,
        #[OA\Property] public ?NamedPerson $person,
        #[OA\Property] public bool $isConcluded,
        #[ListOf(CasePoint::class)] public array $points,
    ) {
    }
}
