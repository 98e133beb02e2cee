<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;

/**
 * A scene on sheets of paper to be glued together: each overlaps the next, has marks to cut along and says which it is.
 * Upright or across, whichever takes fewer sheets.
 */
final class Tiles
{
    /** What a printer cannot print on, and where the marks stand. In points. */
    private const MARGIN = 36.0;

    /** By how much neighbours show the same. */
    private const OVERLAP = 28.0;

    private const MARK = 18.0;

    /** @return non-empty-list<string> an SVG a sheet, row by row */
    public static function pages(Scene $scene, Paper $paper, Outward $outward = new Outward): array
    {
        [$width, $height] = $paper->size();
        [$wide, $high] = self::counts($scene, $width, $height);
        [$turnedWide, $turnedHigh] = self::counts($scene, $height, $width);
        if ($turnedWide * $turnedHigh < $wide * $high) {
            [$width, $height, $wide, $high] = [$height, $width, $turnedWide, $turnedHigh];
        }
        $pages = [];
        for ($row = 0; $row < $high; $row++) {
            for ($column = 0; $column < $wide; $column++) {
                $pages[] = self::page($scene, $width, $height, $row, $column, "{$scene->title} · row ".($row + 1)." of {$high}, column "
                    .($column + 1)." of {$wide}", $outward);
            }
        }

        return $pages === [] ? [Svg::render($scene, $outward)] : $pages;
    }

    /** @return array{int, int} how many sheets across and down */
    private static function counts(Scene $scene, float $width, float $height): array
    {
        $count = static fn (float $long, float $sheet): int => max(1, (int) ceil(($long - self::OVERLAP) / self::step($sheet)));

        return [$count($scene->width, $width), $count($scene->height, $height)];
    }

    /** How far one sheet begins after the one before. */
    private static function step(float $sheet): float
    {
        return $sheet - 2 * self::MARGIN - self::OVERLAP;
    }

    private static function page(
        Scene $scene,
        float $width,
        float $height,
        int $row,
        int $column,
        string $label,
        Outward $outward,
    ): string {
        [$left, $top] = [$column * self::step($width), $row * self::step($height)];
        [$wide, $high] = [$width - 2 * self::MARGIN, $height - 2 * self::MARGIN];
        $content = Svg::content($scene, new Window($left, $top, $left + $wide, $top + $high), $outward);
        [$x, $y] = [Svg::number(self::MARGIN - $left), Svg::number(self::MARGIN - $top)];
        [$across, $down, $clipX, $clipY, $clipWidth, $clipHeight, $title] = [Svg::number($width), Svg::number($height),
            Svg::number($left), Svg::number($top), Svg::number($wide), Svg::number($high), Svg::escape($label)];
        $marks = self::marks($width, $height);
        $foot = Svg::text(new Text(self::MARGIN + self::OVERLAP + 8, $height - 14, $label, TextStyle::Foot));
        $root = Svg::root($across, $down);

        return <<<SVG
            <?xml version="1.0" encoding="UTF-8"?>
            {$root}
            <title>{$title}</title>
            <clipPath id="sheet"><rect x="{$clipX}" y="{$clipY}" width="{$clipWidth}" height="{$clipHeight}"/></clipPath>
            <g transform="translate({$x} {$y})"><g clip-path="url(#sheet)">{$content}</g></g>
            {$marks}{$foot}
            </svg>

            SVG;
    }

    /** Strokes in the margin at the edges of what is printed, and at those of what the next sheet repeats. */
    private static function marks(float $width, float $height): string
    {
        $marks = '';
        foreach ([self::MARGIN, self::MARGIN + self::OVERLAP, $width - self::MARGIN - self::OVERLAP, $width - self::MARGIN] as $x) {
            $marks .= self::mark($x, self::MARGIN - self::MARK, $x, self::MARGIN - 4).self::mark($x, $height - self::MARGIN + 4, $x,
                $height - self::MARGIN + self::MARK);
        }
        foreach ([self::MARGIN, self::MARGIN + self::OVERLAP, $height - self::MARGIN - self::OVERLAP, $height - self::MARGIN] as $y) {
            $marks .= self::mark(self::MARGIN - self::MARK, $y, self::MARGIN - 4, $y).self::mark($width - self::MARGIN + 4, $y,
                $width - self::MARGIN + self::MARK, $y);
        }

        return $marks;
    }

    private static function mark(float $fromX, float $fromY, float $toX, float $toY): string
    {
        [$x1, $y1, $x2, $y2] = array_map(Svg::number(...), [$fromX, $fromY, $toX, $toY]);

        return "<line x1=\"{$x1}\" y1=\"{$y1}\" x2=\"{$x2}\" y2=\"{$y2}\" stroke=\"#8b9297\" stroke-width=\"0.5\"/>";
    }
}
