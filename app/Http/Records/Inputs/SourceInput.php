<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SourceInput
{
    use ReadsRequest;

    /** @param  array<string, string>|null  $fields */
    public function __construct(
        #[OA\Property] public ?string $title = null,
        #[OA\Property] public ?string $author = null,
        #[OA\Property] public ?string $publication = null,
        #[OA\Property] public ?string $callNumber = null,
        #[OA\Property] public ?string $repository = null,
        #[OA\Property] public ?int $version = null,
        #[OA\Property] public ?string $kind = null,
        #[MapOf(nullable: true)] public ?array $fields = null,
        #[OA\Property] public ?string $listName = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'title' => ['nullable', 'string', 'max:1000'],
            'author' => ['nullable', 'string', 'max:500'],
            'publication' => ['nullable', 'string', 'max:1000'],
            'callNumber' => ['nullable', 'string', 'max:200'],
            'repository' => ['nullable', 'string', 'max:500'],
            'version' => ['nullable', 'integer'],
            'kind' => ['nullable', 'string', 'max:40'],
            'fields' => ['nullable', 'array', 'max:60'],
            'fields.*' => ['nullable', 'string', 'max:5000'],
            'listName' => ['nullable', 'string', 'max:500'],
        ];
    }
}
