<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use App\Http\Api\MapOf;
use App\Http\Resources\SlipResource;
use OpenApi\Attributes as OA;

/** One line of a roll as it is sent; checked with the record that it belongs to. */
#[OA\Schema]
final readonly class RollLineInput
{
    /** @param  array<string, string>|null  $columns */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $role = null,
        #[MapOf(nullable: true)] public ?array $columns = null,
        #[OA\Property] public ?SlipResource $slip = null,
    ) {
    }
}
