<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BoxResource
{
    /**
     * @param  list<string>  $nameLines
     * @param  list<string>  $lines
     */
    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public int $number,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[Shielded] #[ListOf('string')] public array $nameLines,
        #[ListOf('string')] public array $lines,
        #[Shielded] #[OA\Property] public string $fullName,
        #[OA\Property] public string $rule,
        #[OA\Property] public string $mark,
        #[OA\Property] public string $more,
        #[OA\Property] public string $footing,
        #[OA\Property] public bool $linesAtLeft,
    ) {
    }
}
