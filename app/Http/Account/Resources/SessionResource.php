<?php

declare(strict_types=1);

namespace App\Http\Account\Resources;

use OpenApi\Attributes as OA;

/** Who is signed in, and whether accounts can be made here. */
#[OA\Schema]
final readonly class SessionResource
{
    public function __construct(
        #[OA\Property] public ?UserResource $user,
        #[OA\Property] public bool $accountsOpen,
        #[OA\Property] public bool $firstAccount,
    ) {
    }
}
