<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A question with its weighing. */
#[OA\Schema]
final readonly class QuestionPage
{
    /**
     * @param  list<WeighingRow>  $rows
     * @param  list<QuestionFact>  $facts
     * @param  list<CandidateDateResource>  $stops
     * @param  list<YearMark>  $axis
     * @param  list<string>  $people  of whom one only can be it, where it is asked who the mother or father was
     * @param  list<string>  $elsewhere
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $sentence,
        #[OA\Property] public string $aspect,
        #[OA\Property] public string $state,
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $person,
        #[OA\Property] public string $life,
        #[OA\Property] public string $ground,
        #[OA\Property] public string $decision,
        #[OA\Property] public string $reason,
        #[OA\Property] public string $reopenedBy,
        #[OA\Property] public string $summary,
        #[ListOf(WeighingRow::class)] public array $rows,
        #[ListOf(QuestionFact::class)] public array $facts,
        #[ListOf(CandidateDateResource::class)] public array $stops,
        #[ListOf(YearMark::class)] public array $axis,
        #[ListOf('string')] public array $elsewhere,
        #[ListOf('string')] public array $people,
    ) {
    }
}
