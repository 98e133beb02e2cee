<?php

declare(strict_types=1);

namespace App\Http\Doubles\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** How two people are joined. */
#[OA\Schema]
final readonly class JoinInput
{
    use ReadsRequest;

    /** @param  list<string>  $leading */
    public function __construct(
        #[ListOf('string')] public array $leading = [],
        #[OA\Property] public ?string $reason = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['leading' => ['nullable', 'array', 'max:500'], 'leading.*' => ['required', 'uuid'],
            'reason' => ['nullable', 'string', 'max:5000']];
    }
}
