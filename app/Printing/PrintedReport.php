<?php

declare(strict_types=1);

namespace App\Printing;

use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Render\Html;

/** A document as the content of a file. */
final class PrintedReport
{
    public const FORMATS = ['html', 'pdf'];

    /** @param  string  $format  one of FORMATS */
    public static function of(Document $document, string $format, Pdf $pdf): string
    {
        return $format === 'pdf' ? $pdf->fromHtml(Html::page($document, PrintStyle::paper()))
            : Html::page($document, PrintStyle::screen());
    }
}
