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
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'uploadId' => ['required', 'uuid'],
            'again' => ['boolean'],
        ];
    }
}
