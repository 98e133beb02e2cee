<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

/** Every kind of drawing. A new one is one file and one line here. */
final class Drawings
{
    /** @return list<Drawing> */
    public static function all(): array
    {
        return [new AncestorDrawing, new DescendantDrawing];
    }

    /** @throws UnknownDrawing */
    public static function named(string $code): Drawing
    {
        foreach (self::all() as $drawing) {
            if ($drawing->code() === $code) {
                return $drawing;
            }
        }

        throw UnknownDrawing::named($code);
    }
}
