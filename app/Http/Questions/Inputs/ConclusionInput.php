<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** How far a case has come, for which alternative, and why. */
#[OA\Schema]
final readonly class ConclusionInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property(enum: ['unresolved', 'probable', 'proved', 'ruled out'])] public string $state,
        #[OA\Property] public ?string $reason = null,
        #[OA\Property] public ?string $alternativeId = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'state' => ['required', 'in:unresolved,probable,proved,ruled out'],
            'reason' => ['nullable', 'string', 'max:20000'],
            'alternativeId' => ['nullable', 'uuid'],
        ];
    }
}
