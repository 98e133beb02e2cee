<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** Somebody of the tree who may be the one that is being typed. */
#[OA\Schema]
final readonly class EntryOffer
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $years,
        #[OA\Property(description: 'how likely, in 100; empty where it cannot be')] public string $odds,
        #[OA\Property(description: 'what speaks for it, or why it cannot be')] public string $says,
        #[OA\Property] public bool $canBe,
    ) {
    }
}
