<?php

declare(strict_types=1);

namespace App\Http\Doubles\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** What somebody says of two who may be one. */
#[OA\Schema]
final readonly class RulingInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property(enum: ['different', 'not now'])] public string $ruling,
        #[OA\Property] public ?string $reason = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['ruling' => ['required', 'in:different,not now'], 'reason' => ['nullable', 'string', 'max:5000']];
    }
}
