<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Options;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;

/** Every kind of drawing. A new one is one file and one line here. */
final class Drawings
{
    /** @return Kinds<Drawing> */
    public static function kinds(): Kinds
    {
        return new Kinds('drawing', [AncestorDrawing::class, DescendantDrawing::class, LifespansDrawing::class]);
    }

    /**
     * @param  array<string, string>  $options  by name, as words; what is not given is as usual
     *
     * @throws UnknownKind
     * @throws WrongOption
     */
    public static function named(string $code, array $options = []): Drawing
    {
        return Options::make(self::kinds()->named($code), $options);
    }
}
