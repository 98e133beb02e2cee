<?php

declare(strict_types=1);

namespace App\Printing;

use App\Refusal;
use App\Trees\Exchange\FilePointers;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Node\Index;
use NorthBough\Core\Report\Render\Csv;
use NorthBough\Core\Report\Render\Html;
use NorthBough\Core\Report\Render\PandocJson;

/** A document as the content of a file. */
final readonly class PrintedReport
{
    public const FORMATS = ['html', 'pdf', 'docx', 'odt', 'csv'];

    public function __construct(
        private Pdf $pdf,
        private Pandoc $pandoc,
        private Rsvg $rsvg,
        private AnchorPages $pages,
        private FilePointers $pointers,
    ) {
    }

    /** @return list<string> those of FORMATS in which a document can be had: one that tells nothing in rows is no spreadsheet */
    public static function formatsOf(Document $document): array
    {
        return $document->sheets() === [] ? array_values(array_diff(self::FORMATS, ['csv'])) : self::FORMATS;
    }

    /**
     * @param  string  $format  one of FORMATS
     *
     * @throws Refusal where it cannot be had in that format
     */
    public function of(Document $document, string $format): string
    {
        return match ($format) {
            'pdf' => $this->pdf($document),
            'docx', 'odt' => $this->pandoc->write(PandocJson::render($document, $this->picture(...)), $format,
                PandocJson::hasContents($document)),
            'csv' => $this->csv($document),
            default => Html::page($document, PrintStyle::screen()),
        };
    }

    private function pdf(Document $document): string
    {
        $hasIndex = array_filter($document->all(), static fn ($block): bool => $block instanceof Index) !== [];
        $pages = $hasIndex ? $this->pages->of($document) : [];

        return $this->pdf->fromHtml(Html::page($document, PrintStyle::paper(), new Html(pages: $pages)));
    }

    private function csv(Document $document): string
    {
        $sheets = $document->sheets();
        if ($sheets === []) {
            throw new Refusal('This report tells nothing in rows, so there is no CSV of it.', 422);
        }
        $people = array_merge([], ...array_map(static fn ($sheet): array => $sheet->personIds(), $sheets));

        return Csv::render($sheets, $people === [] ? [] : $this->pointers->ofPeople(array_values(array_unique($people))));
    }

    private function picture(Scene $scene): string
    {
        return 'data:image/png;base64,'.base64_encode($this->rsvg->png(Svg::render($scene)));
    }
}
