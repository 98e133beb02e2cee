<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What is said of a union itself, and the state of each partner at the wedding. */
#[OA\Schema]
final readonly class UnionPage
{
    /** @param  list<WeddingStateResource>  $states empty where no wedding is told */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $surnameCustom,
        #[ListOf(WeddingStateResource::class)] public array $states,
        #[OA\Property(description: 'why somebody was ruled out of it; empty where nobody was')] public string $ruledOutWhy,
    ) {
    }
}
