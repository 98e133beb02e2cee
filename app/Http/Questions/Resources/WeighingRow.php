<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use App\Http\Pictures\Resources\ClaimImageStrip;
use App\Http\Records\Resources\StyledText;
use OpenApi\Attributes as OA;

/**
 * One claim in a weighing: its words, its classes, its weight with the working, and the span that it tells. Days are Julian
 * Day Numbers; from `from` to `fitsFrom`, and from `fitsTo` to `to`, the edge is an allowance. 0 is an open side.
 */
#[OA\Schema]
final readonly class WeighingRow
{
    /**
     * @param  list<StyledText>  $note
     * @param  list<string>  $working
     */
    public function __construct(
        #[OA\Property] public string $claimId,
        #[OA\Property] public int $version,
        #[OA\Property] public string $factId,
        #[OA\Property] public string $standing,
        #[OA\Property] public int $origin,
        #[OA\Property] public string $words,
        #[ListOf(StyledText::class)] public array $note,
        #[OA\Property] public string $recordId,
        #[OA\Property] public string $sourceClass,
        #[OA\Property] public string $information,
        #[OA\Property] public string $reading,
        #[OA\Property] public string $weight,
        #[ListOf('string')] public array $working,
        #[OA\Property] public string $told,
        #[OA\Property] public string $place,
        #[OA\Property] public int $from,
        #[OA\Property] public int $fitsFrom,
        #[OA\Property] public int $fitsTo,
        #[OA\Property] public int $to,
        #[OA\Property] public ?ClaimImageStrip $slip,
        #[OA\Property(enum: ['unstated', 'direct', 'indirect', 'negative'])] public string $evidence = 'unstated',
        #[OA\Property] public SaidOfClaim $said = new SaidOfClaim,
        #[OA\Property(description: 'the claim that it was copied from; empty for none')] public string $derivedFromId = '',
        #[OA\Property(description: 'the weight that somebody said against the rule; empty where the rule weighs')]
        public string $saidWeight = '',
        #[OA\Property] public string $saidWhy = '',
    ) {
    }
}
