<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** What one parent is to a child: `kindWords` calls a kind of one's own, `years` says from when until when. */
#[OA\Schema]
final readonly class ParentageResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $kindWords,
        #[OA\Property] public string $years,
        #[OA\Property] public string $standing,
        #[OA\Property] public string $proof,
    ) {
    }
}
