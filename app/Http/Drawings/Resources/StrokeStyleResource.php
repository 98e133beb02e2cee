<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class StrokeStyleResource
{
    /** @param  list<float>  $dashes */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public float $width,
        #[ListOf('number')] public array $dashes,
        #[OA\Property(enum: ['ink', 'graphite', 'hairline', 'waiting', 'link'])] public string $ink,
    ) {
    }

    public static function of(StrokeStyle $style): self
    {
        return new self($style->value, $style->width(), $style->dashes(), $style->ink()->value);
    }
}
