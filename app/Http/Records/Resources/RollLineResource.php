<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\MapOf;
use App\Http\Api\Shielded;
use App\Http\Pictures\Resources\ImageStrip;
use OpenApi\Attributes as OA;

/** One line of a roll, as written, and whom it is placed on. */
#[OA\Schema]
final readonly class RollLineResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $role,
        #[OA\Property] public string $name,
        #[MapOf] public object $columns,
        #[OA\Property] public ?ImageStrip $slip,
        #[OA\Property] public string $state,
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $person,
        #[OA\Property] public string $reason,
    ) {
    }
}
