<?php

declare(strict_types=1);

namespace App\Printing;

use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\Scene;

/** A scene as the content of a file. */
final class PrintedDrawing
{
    public const FORMATS = ['svg', 'pdf'];

    /** @param  string  $format  one of FORMATS */
    public static function of(Scene $scene, string $format, Pdf $pdf): string
    {
        return $format === 'pdf' ? $pdf->fromSvg(Svg::render($scene)) : Svg::render($scene);
    }
}
