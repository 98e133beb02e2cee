<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CitationInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $sourceId,
        #[OA\Property] public ?string $locator = null,
        #[OA\Property] public ?string $words = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'sourceId' => ['required', 'uuid'],
            'locator' => ['nullable', 'string', 'max:1000'],
            'words' => ['nullable', 'string', 'max:20000'],
        ];
    }
}
