<?php

declare(strict_types=1);

namespace App\Printing;

use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Render\Html;

/**
 * On which page of the print each name of a document stands. It is printed once with a list of all of them at its end, and that
 * list is read back; since it stands last, nothing before it moves.
 */
final readonly class AnchorPages
{
    public function __construct(private Pdf $pdf, private Converter $converter)
    {
    }

    /** @return array<string, int> by anchor */
    public function of(Document $document, PrintedPictures $pictures, string $style): array
    {
        $html = new Html(pictures: $pictures);
        $body = $html->body($document);
        $lines = implode('',
            array_map(static fn (string $anchor): string => "<p class=\"probe\">§{$anchor} <a href=\"#{$anchor}\"></a></p>",
                $html->anchors()));
        $style .= ' .probe { margin: 0; } .probe a::after { content: target-counter(attr(href url), page); }';
        $probe = $this->pdf->fromHtml("<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><style>{$style}</style></head>"
            ."<body>{$body}<div class=\"page-break\"></div>{$lines}</body></html>");
        $text = $this->converter->convert($probe, 'pdf', 'txt',
            static fn (array $in, string $out): array => [config('northbough.programs.pdftotext'), ...$in, $out]);
        preg_match_all('/§(m\d+)\s+(\d+)/u', $text, $found);

        return array_map(intval(...), array_combine($found[1], $found[2]));
    }
}
