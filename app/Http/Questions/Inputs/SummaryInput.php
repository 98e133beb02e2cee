<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SummaryInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public ?string $text = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['version' => ['required', 'integer'], 'text' => ['nullable', 'string', 'max:100000']];
    }
}
