<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CommitInput
{
    use ReadsRequest;

    /** @param  list<array<string, mixed>>  $choices */
    public function __construct(
        #[OA\Property] public int $version,
        #[ListOf(LineChoiceInput::class)] public array $choices = [],
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            ...LineChoiceInput::rules(),
            'why' => ['nullable', 'string', 'max:5000'],
        ];
    }
}
