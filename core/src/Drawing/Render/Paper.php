<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

/** A sheet as it comes out of a printer: ISO 216, and ANSI/ASME Y14.1. */
enum Paper: string
{
    case A4 = 'A4';
    case Letter = 'Letter';

    /** @return array{float, float} width and height upright, in points of 1/72 inch */
    public function size(): array
    {
        return match ($this) {
            self::A4 => [595.28, 841.89],
            self::Letter => [612.0, 792.0],
        };
    }
}
