<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class FormsInput
{
    use ReadsRequest;

    /** @param  array<string, string>|null  $fields */
    public function __construct(
        #[OA\Property] public string $kind,
        #[MapOf(nullable: true)] public ?array $fields = null,
        #[OA\Property] public ?string $except = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'kind' => ['required', 'string', 'max:40'],
            'fields' => ['nullable', 'array', 'max:60'],
            'fields.*' => ['nullable', 'string', 'max:5000'],
            'except' => ['nullable', 'uuid'],
        ];
    }
}
