<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ImportInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $uploadId = null,
        #[OA\Property(description: 'the look at it, where it was looked at first')] public ?string $lookId = null,
        #[OA\Property] public bool $again = false,
        #[OA\Property(enum: ['add', 'new', 'replace'])] public string $mode = 'add',
        #[OA\Property] public string $treeName = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'uploadId' => ['nullable', 'required_without:lookId', 'uuid'],
            'lookId' => ['nullable', 'uuid'],
            'again' => ['boolean'],
            'mode' => ['nullable', 'in:add,new,replace'],
            'treeName' => ['nullable', 'string', 'max:200'],
        ];
    }
}
