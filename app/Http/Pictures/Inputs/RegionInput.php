<?php

declare(strict_types=1);

namespace App\Http\Pictures\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RegionInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $page,
        #[OA\Property] public float $left,
        #[OA\Property] public float $top,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public ?string $words = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'page' => ['required', 'integer', 'min:0'],
            'left' => ['required', 'numeric', 'min:0', 'max:1'],
            'top' => ['required', 'numeric', 'min:0', 'max:1'],
            'width' => ['required', 'numeric', 'gt:0', 'max:1'],
            'height' => ['required', 'numeric', 'gt:0', 'max:1'],
            'personId' => ['nullable', 'uuid'],
            'words' => ['nullable', 'string', 'max:2000'],
        ];
    }
}
