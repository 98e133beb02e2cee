<?php

declare(strict_types=1);

namespace App\Http\Exchange\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UploadInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public int $size,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:255'],
            'size' => ['required', 'integer', 'min:1'],
        ];
    }
}
