<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use App\Http\Records\Resources\StyledText;
use OpenApi\Attributes as OA;

/** A citation on a fact, with its full note. */
#[OA\Schema]
final readonly class CitationResource
{
    /** @param  list<StyledText>  $note */
    public function __construct(
        #[OA\Property] public string $claimId,
        #[OA\Property] public string $recordId,
        #[OA\Property] public string $sourceId,
        #[ListOf(StyledText::class)] public array $note,
        #[OA\Property] public string $locator,
        #[OA\Property] public string $words,
        #[OA\Property] public bool $takenOver,
        #[OA\Property(description: 'strong, fair, slight, derived, unread or withdrawn')] public string $weight,
        #[OA\Property(description: 'why it was taken back; empty while it counts')] public string $withdrawn,
        #[OA\Property(description: 'whether somebody overruled the rule by which it is weighed')] public bool $overruled,
    ) {
    }
}
