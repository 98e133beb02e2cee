<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BeginRecordInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $kind,
        #[OA\Property] public ?string $locator = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'kind' => ['required', 'string', 'max:40'],
            'locator' => ['nullable', 'string', 'max:1000'],
        ];
    }
}
