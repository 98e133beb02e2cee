<?php

declare(strict_types=1);

namespace App\Http\Research\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** A search that was made: when, where, what was looked for and for whom, and what came of it. */
#[OA\Schema]
final readonly class SearchInput
{
    use ReadsRequest;

    /** @param  list<string>  $people */
    public function __construct(
        #[OA\Property] public string $lookedFor,
        #[OA\Property] public string $lookedIn,
        #[OA\Property(enum: ['found', 'nothing', 'in part', 'waiting'])] public string $outcome,
        #[OA\Property] public ?string $date = null,
        #[OA\Property] public ?string $found = null,
        #[OA\Property] public ?string $note = null,
        #[OA\Property(description: 'the whole of a complete series was read')] public ?bool $isWhole = null,
        #[ListOf('string')] public array $people = [],
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'lookedFor' => ['required', 'string', 'max:5000'],
            'lookedIn' => ['required', 'string', 'max:5000'],
            'outcome' => ['required', 'in:found,nothing,in part,waiting'],
            'date' => ['nullable', 'string', 'max:200'],
            'found' => ['nullable', 'string', 'max:20000'],
            'note' => ['nullable', 'string', 'max:20000'],
            'isWhole' => ['nullable', 'boolean'],
            'people' => ['nullable', 'array', 'max:50'],
            'people.*' => ['required', 'uuid'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
