<?php

declare(strict_types=1);

namespace App\Http\Pictures\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ImageViewInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $page,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $zoom,
        #[OA\Property] public int $turn,
        #[OA\Property] public bool $inverted,
        #[OA\Property] public float $contrast,
        #[OA\Property] public float $brightness,
        #[OA\Property] public int $headsPage = 0,
        #[OA\Property] public float $headsTop = 0,
        #[OA\Property] public float $headsHeight = 0,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'page' => ['required', 'integer', 'min:0'],
            'x' => ['required', 'numeric'],
            'y' => ['required', 'numeric'],
            'zoom' => ['required', 'numeric', 'min:0.001', 'max:1000'],
            'turn' => ['required', 'integer', 'in:0,90,180,270'],
            'inverted' => ['required', 'boolean'],
            'contrast' => ['required', 'numeric', 'min:0', 'max:10'],
            'brightness' => ['required', 'numeric', 'min:0', 'max:10'],
            'headsPage' => ['nullable', 'integer', 'min:0'],
            'headsTop' => ['nullable', 'numeric', 'min:0', 'max:1'],
            'headsHeight' => ['nullable', 'numeric', 'min:0', 'max:1'],
        ];
    }
}
