<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Fan;

use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLine;
use NorthBough\Core\Drawing\Boxes\PersonText;
use NorthBough\Core\Drawing\Scene\Anchor;
use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\Shift;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Life\LifeYears;

/**
 * Sets a fan as type: rings of seats about the middle. Words follow the ring where a seat is wide enough, else they run
 * outward. All angles are in degrees, clockwise from straight up.
 */
final class FanSetting
{
    private const MARGIN = 24.0;

    /** Radius of the middle, and how deep a ring is whose words follow it, or run outward. */
    private const MIDDLE = 74.0;

    private const RING = 64.0;

    private const LONG_RING = 168.0;

    /** A seat narrower than this at its middle has its words outward. */
    private const WIDE = 92.0;

    private const LEADING = 14.0;

    /** Points of an arc are no further apart than this. */
    private const STEP = 3.0;

    private const FOOT_HEIGHT = 20.0;

    private const LEGEND = 'The inner edge of a seat: whole, cited; dashed, in part; dotted, not yet. Dotted side: not proved';

    /** @var list<float> inner radius by generation; one more for the outermost edge */
    private array $radii;

    /** @param  non-empty-list<Seat>  $seats */
    private function __construct(private readonly array $seats, private readonly Sweep $sweep, private readonly BoxContents $contents,
        private readonly bool $marksAgain)
    {
        $last = max(array_map(static fn (Seat $seat): int => $seat->generation, $seats));
        $this->radii = [0.0, self::MIDDLE];
        for ($generation = 1; $generation <= $last; $generation++) {
            $this->radii[] = $this->radii[$generation] + ($this->isOutward($generation) ? self::LONG_RING : self::RING);
        }
    }

    /**
     * @param  non-empty-list<Seat>  $seats
     * @param  bool  $marksAgain  whether it is said of somebody that they sit in another place, too
     */
    public static function scene(string $title, array $seats, Sweep $sweep, BoxContents $contents, bool $marksAgain): Scene
    {
        $fan = new self($seats, $sweep, $contents, $marksAgain);
        $paths = $areas = [];
        foreach ($seats as $seat) {
            $areas[] = $fan->area($seat);
            array_push($paths, ...$fan->edges($seat));
        }
        $corners = array_merge(...array_map(static fn (HitArea $area): array => $area->outline, $areas));
        $shift = new Shift(self::MARGIN - min(0.0, ...array_column($corners, 0)), self::MARGIN - min(0.0, ...array_column($corners, 1)));
        $height = max(0.0, ...array_column($corners, 1)) + $shift->y + self::MARGIN;

        return new Scene($title, max(0.0, ...array_column($corners, 0)) + $shift->x + self::MARGIN, $height + self::FOOT_HEIGHT,
            array_map($shift->path(...), $paths), array_map($shift->area(...), $areas),
            new Text(self::MARGIN, $height + 6, self::LEGEND, TextStyle::Foot), [],
            array_merge(...array_map(static fn (Seat $seat): array => $seat->stops, $seats)));
    }

    private function isOutward(int $generation): bool
    {
        $share = 1 / 2 ** $generation;
        $middle = $this->radii[$generation] + self::RING / 2;

        return deg2rad($this->sweep->degrees() * $share) * $middle < self::WIDE;
    }

    /** @return array{float, float} where the seat begins and ends */
    private function angles(Seat $seat): array
    {
        $start = -$this->sweep->degrees() / 2;

        return [$start + $seat->from * $this->sweep->degrees(), $start + $seat->to * $this->sweep->degrees()];
    }

    /** @return array{float, float} */
    private static function point(float $radius, float $angle): array
    {
        return [$radius * sin(deg2rad($angle)), -$radius * cos(deg2rad($angle))];
    }

    /** @return non-empty-list<array{float, float}> */
    private static function arc(float $radius, float $from, float $to): array
    {
        $steps = max(1, (int) ceil(abs($to - $from) / self::STEP));
        $points = [self::point($radius, $from)];
        for ($step = 1; $step <= $steps; $step++) {
            $points[] = self::point($radius, $from + ($to - $from) * $step / $steps);
        }

        return $points;
    }

    private function area(Seat $seat): HitArea
    {
        [$from, $to] = $this->angles($seat);
        [$inner, $outer] = [$this->radii[$seat->generation], $this->radii[$seat->generation + 1]];
        $outline = $seat->generation === 0 ? self::arc($outer, -180, 180)
            : [...self::arc($outer, $from, $to), ...self::arc($inner, $to, $from)];
        $name = $seat->person->name()->shown();
        $told = array_values(array_filter(array_map(fn (BoxLine $line): string => $line->of($seat->person), $this->contents->lines)));
        $again = $seat->isAgain && $this->marksAgain ? ['drawn nearer the middle, too'] : [];
        $waiting = $this->waiting($seat);
        $stops = array_map(static fn ($stop): string => $stop->words(), $seat->stops);
        // The largest square that surely lies in the seat stands for it where a rectangle is asked for.
        [$x, $y] = self::point($seat->generation === 0 ? 0.0 : ($inner + $outer) / 2, ($from + $to) / 2);
        $half = $seat->generation === 0 ? $outer / M_SQRT2
            : min(($outer - $inner) / 2, ($inner + $outer) / 2 * sin(deg2rad(min(180.0, $to - $from) / 2))) / M_SQRT2;

        return new HitArea(Gesture::Open, $seat->person->id, $seat->person->number, $x - $half, $y - $half, 2 * $half, 2 * $half, $name,
            implode(', ', [$name, ...$told, ...$again, ...$waiting, ...$stops]), [], $this->texts($seat, $name), $outline);
    }

    /** @return list<string> what waits for a decision, where it is told at all */
    private function waiting(Seat $seat): array
    {
        return $this->contents->waiting && $seat->waiting !== '' ? [$seat->waiting] : [];
    }

    /** @return list<Text> */
    private function texts(Seat $seat, string $name): array
    {
        [$from, $to] = $this->angles($seat);
        [$inner, $outer] = [$this->radii[$seat->generation], $this->radii[$seat->generation + 1]];
        $middle = ($from + $to) / 2;
        $years = LifeYears::shown($seat->person);
        $more = implode(', ', array_filter([$seat->mark, $seat->isAgain && $this->marksAgain ? 'again' : '', ...$this->waiting($seat),
            $seat->stops === [] ? '' : "… {$seat->stops[0]->toward->counted($seat->stops[0]->count)}"]));
        if ($seat->generation > 0 && $this->isOutward($seat->generation)) {
            return $this->outward($middle, $inner, $outer, $name, trim("{$years} {$more}"), $to - $from);
        }
        $room = $seat->generation === 0 ? 2 * self::MIDDLE - 24 : 2 * ($inner + 16) * sin(deg2rad(min(120.0, $to - $from) / 2)) - 10;
        $lines = array_map(static fn (string $line): array => [$line, TextStyle::Name],
            TypeMeasure::broken($name, TextStyle::Name->size(), $room, 2));
        foreach (array_filter([$years, $more]) as $line) {
            $lines[] = [TypeMeasure::cut($line, TextStyle::Fact->size(), $room), TextStyle::Fact];
        }
        $turn = $seat->generation === 0 ? 0.0 : $middle;
        // Below the middle words would stand on their heads.
        $isUpsideDown = abs($turn) > 90;
        $depth = $seat->generation === 0 ? 0.0 : ($inner + $outer) / 2;
        $texts = [];
        foreach ($lines as $at => [$words, $style]) {
            $offset = ((count($lines) - 1) / 2 - $at) * self::LEADING - 4;
            [$x, $y] = self::point($depth + ($isUpsideDown ? -$offset : $offset), $turn);
            $texts[] = new Text($x, $y, $words, $style, Anchor::Middle, $isUpsideDown ? $turn + 180 : $turn);
        }

        return $texts;
    }

    /** @return list<Text> */
    private function outward(float $angle, float $inner, float $outer, string $name, string $told, float $wide): array
    {
        $room = $outer - $inner - 14;
        $isLeft = $angle < 0;
        $lines = $told === '' || deg2rad($wide) * $inner < 2 * self::LEADING
            ? [[trim("{$name} {$told}"), TextStyle::Fact, 0.0]]
            : [[$name, TextStyle::Name, -self::LEADING / 2], [$told, TextStyle::Fact, self::LEADING / 2]];
        [$x, $y] = self::point($isLeft ? $outer - 6 : $inner + 8, $angle);
        $turn = $isLeft ? $angle + 90 : $angle - 90;
        $texts = [];
        foreach ($lines as [$words, $style, $below]) {
            // A third of the type size lies between its base line and its middle.
            $below += $style->size() / 3;
            $texts[] = new Text($x - $below * sin(deg2rad($turn)), $y + $below * cos(deg2rad($turn)),
                TypeMeasure::cut($words, $style->size(), $room), $style, Anchor::Start, $turn);
        }

        return $texts;
    }

    /** @return list<Path> its inner edge, by how it is backed, and its sides, by whether the tie is proved */
    private function edges(Seat $seat): array
    {
        [$from, $to] = $this->angles($seat);
        [$inner, $outer] = [$this->radii[$seat->generation], $this->radii[$seat->generation + 1]];
        $backing = $this->contents->evidence ? StrokeStyle::from(PersonText::backing($seat->person)) : StrokeStyle::Proved;
        if ($seat->generation === 0) {
            return [new Path(self::arc($outer - 3, -180, 180), $backing, [$seat->person->id])];
        }
        $side = $seat->isUnproved ? StrokeStyle::Unproved : StrokeStyle::Proved;

        return [
            new Path(self::arc($inner + 3, $from + 0.4, $to - 0.4), $backing, [$seat->person->id]),
            new Path([self::point($inner, $from), self::point($outer, $from)], $side, [$seat->person->id]),
            new Path([self::point($inner, $to), self::point($outer, $to)], $side, [$seat->person->id]),
            new Path(self::arc($outer, $from, $to), $side, [$seat->person->id]),
        ];
    }
}
