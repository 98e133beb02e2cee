<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use NorthBough\Core\Drawing\Scene\Text;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TextResource
{
    public function __construct(
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public string $words,
        #[OA\Property] public string $style,
        #[OA\Property(enum: ['start', 'middle', 'end'])] public string $anchor,
        #[OA\Property] public float $turn,
    ) {
    }

    public static function of(Text $text): self
    {
        return new self($text->x, $text->y, $text->words, $text->style->value, $text->anchor->value, $text->turn);
    }
}
