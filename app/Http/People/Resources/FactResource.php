<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use App\Http\Exchange\Resources\KeptLinesResource;
use App\Http\Interpretation\Resources\DateResource;
use OpenApi\Attributes as OA;

/**
 * A fact of a life: `placeId` where another place was chosen for it than its words stand for, `age` at it, `with` whom,
 * `rivals` how many other values of a thing that can be one only.
 */
#[OA\Schema]
final readonly class FactResource
{
    /**
     * @param  list<string>  $notches  a weight for each independent origin, the strongest first
     * @param  list<CitationResource>  $citations
     * @param  list<RoleResource>  $roles
     * @param  list<NoteResource>  $notes
     * @param  list<KeptLinesResource>  $kept
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public ?string $unionId,
        #[OA\Property] public int $version,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $word,
        #[OA\Property] public string $typeWords,
        #[OA\Property] public string $value,
        #[OA\Property] public DateResource $date,
        #[OA\Property] public string $place,
        #[OA\Property] public ?string $placeId,
        #[OA\Property] public bool $denied,
        #[OA\Property] public string $age,
        #[OA\Property] public string $with,
        #[OA\Property] public int $rivals,
        #[OA\Property] public string $standing,
        #[OA\Property(description: 'confidential, privacy, locked, or several; empty for none')] public string $restriction,
        #[ListOf('string')] public array $notches,
        #[OA\Property(description: 'accepted, nothing is cited that tells it, and somebody wrote why')] public bool $reasoned,
        #[OA\Property(description: 'another value is told of the same that cannot be true with it, or hardly, and nobody has decided')]
        public bool $disagrees,
        #[ListOf(CitationResource::class)] public array $citations,
        #[ListOf(RoleResource::class)] public array $roles,
        #[ListOf(NoteResource::class)] public array $notes,
        #[ListOf(KeptLinesResource::class)] public array $kept,
    ) {
    }
}
