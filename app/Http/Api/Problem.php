<?php

declare(strict_types=1);

namespace App\Http\Api;

use OpenApi\Attributes as OA;

/** What every refusal looks like. */
#[OA\Schema]
final readonly class Problem
{
    /**
     * @param  array<string, list<string>>  $errors
     * @param  array<string, mixed>  $details
     */
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))] public array $errors,
        #[OA\Property(type: 'object')] public array $details,
    ) {
    }
}
