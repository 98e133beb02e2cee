<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use NorthBough\Core\Drawing\Scene\TextStyle;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TextStyleResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public float $size,
        #[OA\Property(enum: ['serif', 'sans'])] public string $typeface,
        #[OA\Property(enum: ['ink', 'graphite', 'hairline', 'waiting', 'link'])] public string $ink,
    ) {
    }

    public static function of(TextStyle $style): self
    {
        return new self($style->value, $style->size(), $style->typeface()->value, $style->ink()->value);
    }
}
