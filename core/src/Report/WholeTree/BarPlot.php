<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\WholeTree;

use NorthBough\Core\Drawing\Scene\Anchor;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Report\Node\Plot;

/** Counts as bars that lie beneath one another, each with its label before it and its number after it. */
final class BarPlot
{
    private const WIDTH = 480.0;

    private const ROW = 15.0;

    /** Between a label, its bar and its number. */
    private const GAP = 8.0;

    private const LONGEST_LABEL = 170.0;

    /** @param  array<string|int, int>  $counts  by label, in the order in which they are drawn */
    public static function of(string $caption, array $counts): Plot
    {
        $size = TextStyle::Fact->size();
        $labels = array_map(static fn (string|int $label): string => TypeMeasure::cut((string) $label, $size, self::LONGEST_LABEL),
            array_keys($counts));
        $labelled = $labels === [] ? 0.0 : self::GAP + max(array_map(static fn (string $label): float => TypeMeasure::width($label, $size),
            $labels));
        $most = $counts === [] ? 1 : max(1, max($counts));
        $from = $labelled + self::GAP;
        $room = self::WIDTH - $from - 2 * self::GAP - TypeMeasure::width((string) $most, $size);
        [$paths, $texts] = [[], []];
        foreach (array_values($counts) as $row => $count) {
            $middle = (0.5 + $row) * self::ROW;
            $base = $middle + $size * 0.35;
            $to = round($from + $room * $count / $most, 2);
            $texts[] = new Text($labelled, $base, $labels[$row], TextStyle::Fact, Anchor::End);
            $texts[] = new Text($to + self::GAP, $base, (string) $count, TextStyle::Fact);
            if ($count > 0) {
                $paths[] = new Path([[$from, $middle], [$to, $middle]], StrokeStyle::Bar, []);
            }
        }
        $height = count($counts) * self::ROW;

        return new Plot(new Scene($caption, self::WIDTH, $height, $paths, [], new Text(0, $height, '', TextStyle::Foot), $texts), $caption,
            implode('; ', array_map(static fn (string|int $label, int $count): string => "{$label} {$count}", array_keys($counts),
                $counts)));
    }
}
