<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ImportInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $uploadId,
        #[OA\Property] public bool $again = false,
        #[OA\Property(enum: ['add', 'new', 'replace'])] public string $mode = 'add',
        #[OA\Property] public string $treeName = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'uploadId' => ['required', 'uuid'],
            'again' => ['boolean'],
            'mode' => ['nullable', 'in:add,new,replace'],
            'treeName' => ['nullable', 'string', 'max:200'],
        ];
    }
}
