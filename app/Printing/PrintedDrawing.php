<?php

declare(strict_types=1);

namespace App\Printing;

use App\Trees\Exchange\FilePointers;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Drawing\Render\Json;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Scene;

/** A scene as the content of a file. Whoever stands in it is linked to their page here. */
final readonly class PrintedDrawing
{
    public const FORMATS = ['svg', 'pdf', 'png', 'json'];

    public function __construct(private Rsvg $rsvg, private CurrentTree $current, private FilePointers $pointers)
    {
    }

    /** @param  string  $format  one of FORMATS */
    public function of(Scene $scene, string $format): string
    {
        if ($format === 'json') {
            return Json::render($scene, $this->pointers->ofPeople(array_values(array_unique(
                array_map(static fn (HitArea $area): string => $area->personId, $scene->people())))));
        }
        $svg = Svg::render($scene, url("/t/{$this->current->id()}/people").'/');

        return match ($format) {
            'pdf' => $this->rsvg->pdf($svg),
            'png' => $this->rsvg->png($svg),
            default => $svg,
        };
    }
}
