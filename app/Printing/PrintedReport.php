<?php

declare(strict_types=1);

namespace App\Printing;

use App\Refusal;
use App\Trees\Access\OpenRecords;
use App\Trees\Access\SeenTree;
use App\Trees\Exchange\FilePointers;
use NorthBough\Core\Drawing\Render\Outward;
use NorthBough\Core\Drawing\Render\Paper;
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
        private OpenRecords $openness,
    ) {
    }

    /** @return list<string> those of FORMATS in which a document can be had: one that tells nothing in rows is no spreadsheet */
    public static function formatsOf(Document $document): array
    {
        return $document->sheets() === [] ? array_values(array_diff(self::FORMATS, ['csv'])) : self::FORMATS;
    }

    /**
     * @param  SeenTree  $seen  what it was made from: where the living are withheld, so are their pictures
     * @param  string  $format  one of FORMATS
     * @param  Paper  $paper  on which a PDF is set
     *
     * @throws Refusal where it cannot be had in that format
     */
    public function of(Document $document, SeenTree $seen, string $format, Paper $paper = Paper::A4): string
    {
        $pictures = $this->pictures($seen);

        return match ($format) {
            'pdf' => $this->pdf($document, $pictures, PrintStyle::paper($paper)),
            'docx', 'odt' => $this->pandoc->write(PandocJson::render($document, fn (Scene $scene): string => $this->picture($scene,
                $pictures)), $format, PandocJson::hasContents($document)),
            'csv' => $this->csv($document),
            default => Html::page($document, PrintStyle::screen(), new Html(pictures: $pictures)),
        };
    }

    /** The pictures that may be seen by whoever sees the tree so. */
    public function pictures(SeenTree $seen): PrintedPictures
    {
        return PrintedPictures::seenIn($seen, $this->openness);
    }

    private function pdf(Document $document, PrintedPictures $pictures, string $style): string
    {
        $hasIndex = array_filter($document->all(), static fn ($block): bool => $block instanceof Index) !== [];
        $pages = $hasIndex ? $this->pages->of($document, $pictures, $style) : [];

        return $this->pdf->fromHtml(Html::page($document, $style, new Html(pages: $pages, pictures: $pictures)));
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

    private function picture(Scene $scene, PrintedPictures $pictures): string
    {
        return 'data:image/png;base64,'.base64_encode($this->rsvg->png(Svg::render($scene, new Outward('', $pictures))));
    }
}
