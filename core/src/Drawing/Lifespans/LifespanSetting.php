<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Lifespans;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Drawing\Boxes\PersonText;
use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Rule;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;

/** Sets lives as bars on an axis of years: a row a person, the name above the bar. */
final class LifespanSetting
{
    private const MARGIN = 24.0;

    private const AXIS = 22.0;

    private const ROW = 38.0;

    /** From the top of a row to the base line of the name, and to the bar. */
    private const NAME = 15.0;

    private const BAR = 26.0;

    /** The axis is so long at the least, and a year so wide at the most and at the least. */
    private const LENGTH = 900.0;

    private const WIDEST_YEAR = 12.0;

    private const NARROWEST_YEAR = 1.5;

    private const YEAR = 365.2425;

    /** A bar that would not be seen is a tick. */
    private const LEAST_BAR = 2.0;

    private const ROOM = 420.0;

    /** Days after which nobody is taken to live on. */
    private const LONGEST = 36525;

    private const LEGEND = 'A whole bar: lived for certain; dotted: may have lived by then';

    /** @param  list<Span>  $spans  in their order from the top */
    public static function scene(string $title, array $spans): Scene
    {
        $dated = array_values(array_filter($spans, static fn (Span $span): bool => $span->isDated()));
        $first = $dated === [] ? 0 : min(array_map(static fn (Span $span): int => $span->first(), $dated));
        $last = $dated === [] ? 0 : max(array_map(static fn (Span $span): int => $span->last(), $dated));
        $years = max(1.0, ($last - $first) / self::YEAR);
        $scale = max(self::NARROWEST_YEAR, min(self::WIDEST_YEAR, self::LENGTH / $years)) / self::YEAR;
        $at = static fn (int $day): float => self::MARGIN + ($day - $first) * $scale;
        $height = self::MARGIN + self::AXIS + count($spans) * self::ROW;
        $areas = [];
        foreach ($spans as $row => $span) {
            $areas[] = self::row($span, self::MARGIN + self::AXIS + $row * self::ROW, $at, $last);
        }
        [$ticks, $texts] = $dated === [] ? [[], []] : self::axis($first, $last, $scale * self::YEAR, $at, $height);
        $width = max([$at($last), ...array_map(static fn (HitArea $area): float => $area->x + $area->width, $areas)]) + self::MARGIN;

        return new Scene($title, $width, $height + self::MARGIN, $ticks, $areas,
            new Text(self::MARGIN, $height + self::MARGIN - 6, self::LEGEND, TextStyle::Foot), $texts);
    }

    /** @param  \Closure(int): float  $at */
    private static function row(Span $span, float $y, \Closure $at, int $last): HitArea
    {
        $name = $span->person->name()->shown();
        $lines = PersonText::lines($span->person);
        $shown = TypeMeasure::cut($name, TextStyle::Name->size(), self::ROOM);
        $from = $span->isDated() ? $at($span->first()) : self::MARGIN;
        $nameWidth = TypeMeasure::width($shown, TextStyle::Name->size());
        $told = TypeMeasure::cut($lines === [] ? 'without dates' : implode('; ', $lines), TextStyle::Fact->size(), self::ROOM);
        $texts = [new Text($from, $y + self::NAME, $shown, TextStyle::Name),
            new Text($from + $nameWidth + 8, $y + self::NAME, $told, TextStyle::Fact)];
        $right = $from + $nameWidth + 8 + TypeMeasure::width($told, TextStyle::Fact->size());

        return new HitArea(Gesture::Open, $span->person->id, $span->person->number, $from - 2, $y,
            max($right, $span->isDated() ? $at($span->diedFrom === null ? $last : $span->last()) : 0.0) - $from + 4, self::ROW - 4, $name,
            implode(', ', [$name, ...($lines === [] ? ['without dates'] : $lines)]), self::bars($span, $y + self::BAR, $at, $last), $texts);
    }

    /**
     * @param  \Closure(int): float  $at
     * @return list<Rule>
     */
    private static function bars(Span $span, float $y, \Closure $at, int $last): array
    {
        $bars = [];
        $bar = static function (?int $from, ?int $to, StrokeStyle $style) use (&$bars, $at, $y): void {
            if ($from !== null && $to !== null && $to >= $from) {
                $bars[] = new Rule($at($from), $y, max($at($to), $at($from) + self::LEAST_BAR), $y, $style);
            }
        };
        if ($span->from !== $span->bornBy) {
            $bar($span->from, $span->bornBy, StrokeStyle::PerhapsAlive);
        }
        // Without a death they live until they are last seen, and may have lived on for as long as anything here is told.
        $certain = [$span->bornBy ?? $span->seen ?? $span->diedFrom, $span->diedFrom ?? max($span->bornBy ?? $span->seen, $span->seen)];
        $bar($certain[0], $certain[1], StrokeStyle::Alive);
        if ($span->diedFrom === null) {
            $bar($certain[1], min($last, $span->first() + self::LONGEST), StrokeStyle::PerhapsAlive);
        } elseif ($span->diedFrom !== $span->to) {
            $bar($span->diedFrom, $span->to, StrokeStyle::PerhapsAlive);
        }

        return $bars;
    }

    /**
     * A stroke and a year at each round number of years, as many as do not crowd.
     *
     * @param  float  $year  how wide a year is
     * @param  \Closure(int): float  $at
     * @return array{list<Path>, list<Text>}
     */
    private static function axis(int $first, int $last, float $year, \Closure $at, float $height): array
    {
        $step = 200;
        foreach ([100, 50, 25, 10, 5] as $finer) {
            $step = $finer * $year >= 60 ? $finer : $step;
        }
        [$ticks, $texts] = [[], []];
        for ($y = (int) ceil(IsoDay::year($first) / $step) * $step; $y <= IsoDay::year($last); $y += $step) {
            $x = $at(Calendars::gregorian()->toDay($y, 1, 1));
            if ($x >= self::MARGIN) {
                $ticks[] = new Path([[$x, self::MARGIN + 6], [$x, $height]], StrokeStyle::Unproved, []);
                $texts[] = new Text($x + 3, self::MARGIN + 10, (string) $y, TextStyle::Mark);
            }
        }

        return [$ticks, $texts];
    }
}
