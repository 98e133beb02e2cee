<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Rule;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;

/** Sets boxes and lines as type: every measure of a box that is not its place stands here. */
final class BoxSetting
{
    /** From the top of a box to the base line of its first words. */
    private const FIRST_LINE = 18.0;

    private const NAME_LEADING = 17.0;

    private const FACT_LEADING = 14.0;

    /** From the left of a box to its words. */
    private const INDENT = 10.0;

    /** By how much the rule at the left is shorter than its box, at either end. */
    private const RULE_INSET = 4.0;

    /** Between a box and the mark of a tie at its right, or at its left. */
    private const MARK_RIGHT = 2.0;

    private const MARK_LEFT = 6.0;

    /** How far the mark stands above the line that it belongs to. */
    private const MARK_ABOVE = 8.0;

    /** Least height of what can be pointed at (Web Content Accessibility Guidelines 2.2, 2.5.8). */
    private const TARGET = 24.0;

    private const FOOT_HEIGHT = 20.0;

    private const LEGEND = 'Rule at the left: whole, cited; dashed, in part; dotted, not yet. Dotted line: not proved';

    public static function scene(BoxLayout $layout): Scene
    {
        $aloud = Aloud::all($layout);
        $areas = [];
        foreach ($layout->boxes as $at => $box) {
            $areas[] = self::box($box, $aloud[$at]);
            if ($box->more !== '') {
                $areas[] = self::more($box);
            }
        }

        return new Scene(
            $layout->title, $layout->width, $layout->height + self::FOOT_HEIGHT,
            array_map(static fn (Line $line): Path => new Path($line->points,
                $line->dotted ? StrokeStyle::Unproved : StrokeStyle::Proved, [$line->fromId, $line->toId]), $layout->lines),
            $areas,
            new Text(24, $layout->height + 6, self::LEGEND, TextStyle::Foot),
        );
    }

    private static function box(Box $box, string $aloud): HitArea
    {
        $texts = [];
        $y = $box->y + self::FIRST_LINE;
        foreach ($box->nameLines as $line) {
            $texts[] = new Text($box->x + self::INDENT, $y, $line, TextStyle::Name);
            $y += self::NAME_LEADING;
        }
        foreach ($box->lines as $line) {
            $texts[] = new Text($box->x + self::INDENT, $y, $line, TextStyle::Fact);
            $y += self::FACT_LEADING;
        }
        if ($box->mark !== '') {
            $texts[] = new Text($box->linesAtLeft ? $box->x - self::MARK_LEFT : $box->x + $box->width + self::MARK_RIGHT,
                $box->y + $box->height / 2 - self::MARK_ABOVE, $box->mark, TextStyle::Mark, $box->linesAtLeft);
        }
        $rule = new Rule($box->x, $box->y + self::RULE_INSET, $box->x, $box->y + $box->height - self::RULE_INSET,
            StrokeStyle::from($box->rule));

        return new HitArea(Gesture::Open, $box->personId, $box->number, $box->x, $box->y, $box->width, $box->height, $box->fullName, $aloud,
            [$rule], $texts);
    }

    private static function more(Box $box): HitArea
    {
        $words = "… {$box->more}";
        $x = $box->x + $box->width;
        $y = $box->y + $box->height / 2;

        return new HitArea(Gesture::DrawFrom, $box->personId, $box->number, $x, $y - self::TARGET / 2,
            TypeMeasure::width($words, TextStyle::More->size()), self::TARGET, '', "{$box->fullName}: {$box->more}, draw from here", [],
            [new Text($x, $y + 4, $words, TextStyle::More)]);
    }
}
