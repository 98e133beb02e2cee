<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

/** Somebody in a role at an event. */
#[OA\Schema]
final readonly class RoleResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $role,
        #[OA\Property] public ?string $personId,
        #[OA\Property] public string $name,
    ) {
    }
}
