<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/**
 * What is decided of a question: which fact leads, or a date that is concluded from the claims, or a sex, how the others
 * stand, and why.
 */
#[OA\Schema]
final readonly class DecisionInput
{
    use ReadsRequest;

    /** @param  array<string, string>|null  $standings  rival or ruled out, by fact */
    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public string $reason,
        #[OA\Property] public ?string $factId = null,
        #[OA\Property] public ?string $date = null,
        #[MapOf(nullable: true)] public ?array $standings = null,
        #[OA\Property(enum: ['M', 'F'])] public ?string $sex = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'reason' => ['required', 'string', 'max:20000'],
            'factId' => ['nullable', 'uuid', 'required_without_all:date,sex'],
            'date' => ['nullable', 'string', 'max:200'],
            'sex' => ['nullable', 'in:M,F'],
            'standings' => ['nullable', 'array', 'max:100'],
            'standings.*' => ['required', 'in:rival,ruled out'],
        ];
    }
}
