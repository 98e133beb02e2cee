<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NamedPerson;
use App\Http\Research\Resources\TaskResource;
use OpenApi\Attributes as OA;

/** A case of identity or kinship: its alternatives with the points for and against each, and what can be cited. */
#[OA\Schema]
final readonly class CasePage
{
    /**
     * @param  list<CaseAlternative>  $alternatives
     * @param  list<CitableClaim>  $citable  claims that speak of those concerned
     * @param  list<TaskResource>  $tasks
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $sentence,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $aspect,
        #[OA\Property] public string $state,
        #[OA\Property] public string $reason,
        #[OA\Property] public string $decision,
        #[OA\Property] public string $reopenedBy,
        #[OA\Property(description: 'of whom it is asked; null where it is asked of a line')] public ?NamedPerson $person,
        #[OA\Property(description: 'who may be the same')] public ?NamedPerson $other,
        #[OA\Property] public ?CaseLine $line,
        #[ListOf(CaseAlternative::class)] public array $alternatives,
        #[ListOf(CitableClaim::class)] public array $citable,
        #[ListOf(TaskResource::class)] public array $tasks,
    ) {
    }
}
