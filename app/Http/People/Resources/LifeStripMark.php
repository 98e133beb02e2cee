<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LifeStripMark
{
    public function __construct(
        #[OA\Property] public string $factId,
        #[OA\Property] public string $word,
        #[OA\Property] public string $date,
        #[OA\Property] public string $whose,
        #[OA\Property] public string $personId,
        #[OA\Property] public string $row,
        #[OA\Property] public float $from,
        #[OA\Property] public float $to,
        #[OA\Property] public bool $softFrom,
        #[OA\Property] public bool $softTo,
        #[OA\Property] public int $lane,
        #[OA\Property] public bool $lasts,
        #[OA\Property] public bool $wordsLeft,
    ) {
    }
}
