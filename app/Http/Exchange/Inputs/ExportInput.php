<?php

declare(strict_types=1);

namespace App\Http\Exchange\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ExportInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property(enum: ['7', '5.5.1'])] public string $version,
        #[OA\Property(description: 'with its pictures, as a zip')] public bool $zipped = false,
        #[OA\Property(description: 'the living in full, which only the owner may ask for and the journal tells')] public bool $keep = false,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['version' => ['required', 'in:7,5.5.1'], 'zipped' => ['nullable', 'boolean'], 'keep' => ['nullable', 'boolean']];
    }
}
