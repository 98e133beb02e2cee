<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SourceInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $title,
        #[OA\Property] public ?string $author = null,
        #[OA\Property] public ?string $publication = null,
        #[OA\Property] public ?string $callNumber = null,
        #[OA\Property] public ?string $repository = null,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:1000'],
            'author' => ['nullable', 'string', 'max:500'],
            'publication' => ['nullable', 'string', 'max:1000'],
            'callNumber' => ['nullable', 'string', 'max:200'],
            'repository' => ['nullable', 'string', 'max:500'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
