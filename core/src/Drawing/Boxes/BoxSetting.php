<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Scene\Anchor;
use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\LineKind;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Picture;
use NorthBough\Core\Drawing\Scene\Rule;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Tree\PictureCut;

/** Sets boxes and lines as type: every measure of a box that is not its place stands here. */
final class BoxSetting
{
    /** From the top of a box to the base line of its first words. */
    private const FIRST_LINE = 18.0;

    private const NAME_LEADING = 17.0;

    private const NAME_TO_FACT = 16.0;

    private const FACT_LEADING = 14.0;

    /** Least height of what can be pointed at (Web Content Accessibility Guidelines 2.2, 2.5.8). */
    private const TARGET = 24.0;

    /** Beneath the last base line. */
    private const BELOW = 6.0;

    /** From the left of a box to its words. */
    private const INDENT = 10.0;

    /** By how much the rule at the left is shorter than its box, at either end. */
    private const RULE_INSET = 4.0;

    private const PORTRAIT_WIDTH = 38.0;

    private const PORTRAIT_HEIGHT = 46.0;

    private const PORTRAIT_GAP = 6.0;

    private const FOOT_HEIGHT = 20.0;

    private const LEGEND = 'Rule at the left: whole, cited; dashed, in part; dotted, not yet. Dotted line: not proved';

    /** @return float of a box with so many lines of each sort */
    public static function height(int $names, int $facts, int $stops, bool $hasPortrait = false): float
    {
        $words = self::FIRST_LINE + ($names - 1) * self::NAME_LEADING
            + ($facts === 0 ? 0 : self::NAME_TO_FACT + ($facts - 1) * self::FACT_LEADING) + self::BELOW;

        return max($words, $hasPortrait ? self::PORTRAIT_HEIGHT + 2 * self::RULE_INSET : 0.0) + $stops * self::TARGET;
    }

    /** @return float by how much a portrait makes its box wider */
    public static function portraitRoom(?PictureCut $portrait): float
    {
        return $portrait === null ? 0.0 : self::PORTRAIT_WIDTH + self::PORTRAIT_GAP;
    }

    public static function scene(BoxLayout $layout): Scene
    {
        $aloud = Aloud::all($layout);
        $over = Overlaps::byHand($layout->boxes);
        $areas = [];
        foreach ($layout->boxes as $at => $box) {
            $areas[] = self::box($box, $aloud[$at], $over[$box->personId] ?? '');
            foreach ($box->stops as $i => $stop) {
                $areas[] = self::stop($box, $stop, count($box->stops) - $i);
            }
        }

        return new Scene(
            $layout->title, $layout->width, $layout->height + self::FOOT_HEIGHT,
            array_map(self::path(...), $layout->lines),
            $areas,
            new Text(24, $layout->height + 6, self::LEGEND, TextStyle::Foot),
            $layout->marks,
            array_merge(...array_map(static fn (Box $box): array => $box->stops, $layout->boxes), ...[[]]),
        );
    }

    private static function path(Line $line): Path
    {
        return new Path($line->points, match (true) {
            $line->kind === LineKind::Couple => $line->dotted ? StrokeStyle::PerhapsCouple : StrokeStyle::Couple,
            default => $line->dotted ? StrokeStyle::Unproved : StrokeStyle::Proved,
        }, [$line->fromId, $line->toId], $line->kind);
    }

    /** @param  string  $over  whose box it overlaps; empty for nobody's */
    private static function box(Box $box, string $aloud, string $over): HitArea
    {
        $texts = [];
        $x = $box->x + self::INDENT + self::portraitRoom($box->portrait);
        $y = $box->y + self::FIRST_LINE;
        foreach ($box->nameLines as $line) {
            $texts[] = new Text($x, $y, $line, TextStyle::Name);
            $y += self::NAME_LEADING;
        }
        $y += self::NAME_TO_FACT - self::NAME_LEADING;
        foreach ($box->lines as $line) {
            $texts[] = new Text($x, $y, $line, TextStyle::Fact);
            $y += self::FACT_LEADING;
        }
        if ($box->waiting !== '') {
            $texts[] = new Text($x, $y, $box->waiting, TextStyle::Waiting);
        }
        $pictures = $box->portrait === null ? [] : [new Picture($box->x + self::INDENT, $box->y + self::RULE_INSET, self::PORTRAIT_WIDTH,
            self::PORTRAIT_HEIGHT, $box->portrait)];
        if ($over !== '') {
            $texts[] = new Text($box->x + $box->width, $box->y - 3, 'overlaps', TextStyle::Mark, Anchor::End);
        }
        $rules = $box->rule === '' ? [] : [new Rule($box->x, $box->y + self::RULE_INSET, $box->x,
            $box->y + $box->height - self::RULE_INSET, StrokeStyle::from($box->rule))];

        return new HitArea(Gesture::Open, $box->personId, $box->number, $box->x, $box->y, $box->width, $box->height, $box->fullName,
            $over === '' ? $aloud : "{$aloud}, overlaps {$over}", $rules, $texts, [], $box->isByHand, $pictures);
    }

    /** @param  int  $fromEnd  the last line of the box is 1 */
    private static function stop(Box $box, Stop $stop, int $fromEnd): HitArea
    {
        $y = $box->y + $box->height - $fromEnd * self::TARGET;

        return new HitArea(Gesture::toBring($stop->toward), $box->personId, $box->number, $box->x + self::INDENT, $y,
            $box->width - self::INDENT, self::TARGET, $stop->why->value, "{$box->fullName}: {$stop->words()}, bring them in", [],
            [new Text($box->x + self::INDENT, $y + self::TARGET - 9, "… {$stop->words()}", TextStyle::More)]);
    }
}
