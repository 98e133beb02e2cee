<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** A point for or against one alternative; what it rests on, and what it weighs where it rests on no claim. */
#[OA\Schema]
final readonly class PointInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $text,
        #[OA\Property] public bool $isFor,
        #[OA\Property] public string $alternativeId,
        #[OA\Property] public ?string $claimId = null,
        #[OA\Property(description: 'strong, fair, slight or empty')] public ?string $weight = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:5000'],
            'isFor' => ['required', 'boolean'],
            'alternativeId' => ['required', 'uuid'],
            'claimId' => ['nullable', 'uuid'],
            'weight' => ['nullable', 'in:strong,fair,slight'],
        ];
    }
}
