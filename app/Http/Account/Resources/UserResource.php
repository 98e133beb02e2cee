<?php

declare(strict_types=1);

namespace App\Http\Account\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UserResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property] public DisplayPreferencesResource $reading,
    ) {
    }
}
