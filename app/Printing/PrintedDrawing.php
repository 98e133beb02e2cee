<?php

declare(strict_types=1);

namespace App\Printing;

use App\Refusal;
use App\Trees\Access\OpenRecords;
use App\Trees\Access\SeenTree;
use App\Trees\Exchange\FilePointers;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Drawing\Render\Json;
use NorthBough\Core\Drawing\Render\Outward;
use NorthBough\Core\Drawing\Render\Paper;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Render\Tiles;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Scene;

/** A scene as the content of a file. Whoever stands in it is linked to their page here. */
final readonly class PrintedDrawing
{
    public const FORMATS = ['svg', 'pdf', 'png', 'json'];

    public function __construct(private Rsvg $rsvg, private CurrentTree $current, private FilePointers $pointers,
        private OpenRecords $openness)
    {
    }

    /**
     * @param  string  $word  as it was asked for; empty for one page of the drawing's own size
     *
     * @throws Refusal where there is no such paper
     */
    public static function paper(string $word): ?Paper
    {
        return $word === '' ? null : Paper::tryFrom($word)
            ?? throw new Refusal('Paper is '.implode(' or ', array_column(Paper::cases(), 'value')).'.', 422);
    }

    /**
     * @param  SeenTree  $seen  what it was drawn from: where the living are withheld, so are their pictures
     * @param  string  $format  one of FORMATS
     * @param  Paper|null  $paper  onto whose sheets a PDF is tiled; null for one page of its own size
     */
    public function of(Scene $scene, SeenTree $seen, string $format, ?Paper $paper = null): string
    {
        if ($format === 'json') {
            return Json::render($scene, $this->pointers->ofPeople(array_values(array_unique(
                array_map(static fn (HitArea $area): string => $area->personId, $scene->people())))));
        }
        $outward = new Outward(url("/t/{$this->current->id()}/people").'/',
            PrintedPictures::seenIn($seen, $this->openness));
        if ($format === 'pdf' && $paper !== null) {
            return $this->rsvg->pdf(Tiles::pages($scene, $paper, $outward));
        }
        $svg = Svg::render($scene, $outward);

        return match ($format) {
            'pdf' => $this->rsvg->pdf($svg),
            'png' => $this->rsvg->png($svg),
            default => $svg,
        };
    }
}
