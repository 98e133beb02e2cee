<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Boxes\ParentProofText;
use NorthBough\Core\Drawing\Boxes\PersonBox;
use NorthBough\Core\Drawing\Cast\Cast;
use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Cast\StopReason;
use NorthBough\Core\Drawing\Cast\Toward;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\Move;
use NorthBough\Core\Drawing\Scene\Anchor;
use NorthBough\Core\Drawing\Scene\LineKind;
use NorthBough\Core\Drawing\Scene\Shift;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Tree\ParentageKind;

/** A cast as boxes in generations, in one of the directions in which a family is read. */
final class LayeredBoxes
{
    private const MARGIN = 24.0;

    /** @var list<Box> by person, without their places */
    private array $boxes = [];

    private KinGraph $graph;

    private function __construct(
        private readonly Cast $cast,
        private readonly Direction $direction,
        private readonly Handwork $handwork,
        BoxContents $contents,
    ) {
        $this->graph = KinGraph::of($cast);
        $circles = [];
        foreach ($this->graph->circles as [$child, $household]) {
            $id = $this->graph->ids[$child];
            $circles[$id][] = new Stop($id, Toward::Parents, count($this->graph->partners[$household]), StopReason::Circle);
        }
        foreach ($cast->people as $id => $person) {
            $this->boxes[] = PersonBox::of($person, $contents, [...$cast->stops[$id] ?? [], ...$circles[$id] ?? []],
                ParentProofText::of($cast->sets[$id] ?? null), $cast->waiting[$id] ?? '', ($cast->asides[$id] ?? null)?->portrait);
        }
    }

    public static function of(
        string $title,
        Cast $cast,
        Direction $direction,
        PartnerOrder $partners,
        SiblingOrder $siblings,
        BoxContents $contents,
        Handwork $handwork,
    ): BoxLayout {
        $layered = new self($cast, $direction, $handwork, $contents);
        $placed = LayeredLayout::of($layered->graph, $partners, $siblings, $layered->measures(), $layered->moves());

        return $layered->layout($handwork->title === '' ? $title : $handwork->title, $placed);
    }

    private function measures(): Measures
    {
        $widths = array_map(static fn (Box $box): float => $box->width, $this->boxes);
        $heights = array_map(static fn (Box $box): float => $box->height, $this->boxes);

        return $this->direction->isUpright() ? new Measures($widths, $heights, 22, 20, 44) :
            new Measures($heights, $widths, 8, 18, 52, $this->direction === Direction::Left);
    }

    /** @return array<int, Move> across and along */
    private function moves(): array
    {
        $moves = [];
        foreach ($this->graph->ids as $person => $id) {
            $move = $this->handwork->moves[$id] ?? null;
            if ($move !== null) {
                $moves[$person] = match ($this->direction) {
                    Direction::Down => $move,
                    Direction::Right => new Move($move->y, $move->x),
                    Direction::Left => new Move($move->y, -$move->x),
                };
            }
        }

        return $moves;
    }

    private function layout(string $title, Placed $placed): BoxLayout
    {
        $boxes = [];
        foreach ($this->boxes as $person => $box) {
            [$x, $y] = $this->corner($placed->boxes[$person], $box, $placed);
            $boxes[] = $box->at($x, $y, isset($this->handwork->moves[$box->personId]));
        }
        $lines = $marks = $marked = [];
        foreach ($placed->ties as [$points, $child, $parent, $household]) {
            [$kind, $isUnproved] = $this->tie($household, $this->graph->ids[$child], $this->graph->ids[$parent]);
            $lines[] = new Line($this->points($points, $placed), $isUnproved, $this->graph->ids[$child], $this->graph->ids[$parent],
                LineKind::of($kind));
            if ($kind->mark() !== '' && ! isset($marked["{$child} {$household}"])) {
                $marked["{$child} {$household}"] = true;
                $marks[] = $this->mark($this->point($points[0], $placed), $kind->mark());
            }
        }
        foreach ($placed->couples as [$points, $household]) {
            $told = $this->graph->households[$household];
            $lines[] = new Line($this->points($points, $placed), $told->isUnproved, $told->partnerIds[0], $told->partnerIds[1],
                LineKind::Couple);
        }

        return self::shifted($title, $boxes, $lines, $marks, $placed->crossings);
    }

    /**
     * @param  list<Box>  $boxes
     * @param  list<Line>  $lines
     * @param  list<Text>  $marks
     */
    private static function shifted(string $title, array $boxes, array $lines, array $marks, int $crossings): BoxLayout
    {
        $x = $y = INF;
        $right = $bottom = -INF;
        foreach ($boxes as $box) {
            [$x, $y] = [min($x, $box->x), min($y, $box->y)];
            [$right, $bottom] = [max($right, $box->x + $box->width), max($bottom, $box->y + $box->height)];
        }
        foreach ($lines as $line) {
            foreach ($line->points as $point) {
                [$x, $y, $right, $bottom] = [min($x, $point[0]), min($y, $point[1]), max($right, $point[0]), max($bottom, $point[1])];
            }
        }
        $shift = new Shift(self::MARGIN - $x, self::MARGIN - $y);

        return new BoxLayout($title, $right + $shift->x + self::MARGIN, $bottom + $shift->y + self::MARGIN,
            array_map(static fn (Box $box): Box => $box->at($box->x + $shift->x, $box->y + $shift->y, $box->isByHand), $boxes),
            array_map(static fn (Line $line): Line => new Line($shift->points($line->points), $line->dotted, $line->fromId, $line->toId,
                $line->kind), $lines),
            array_map($shift->text(...), $marks),
            $crossings);
    }

    /** @return array{ParentageKind, bool} what the parent is to the child, and whether that is unproved */
    private function tie(int $household, string $childId, string $parentId): array
    {
        foreach ($this->graph->households[$household]->ties as $tie) {
            if ($tie->childId === $childId && $tie->parentId === $parentId) {
                return [$tie->kind, $tie->isUnproved];
            }
        }

        return [ParentageKind::Birth, false];
    }

    /** @param  array{float, float}  $point  where a line reaches the child */
    private function mark(array $point, string $words): Text
    {
        return match ($this->direction) {
            Direction::Down => new Text($point[0] + 4, $point[1] - 5, $words, TextStyle::Mark),
            Direction::Right => new Text($point[0] - 4, $point[1] - 4, $words, TextStyle::Mark, Anchor::End),
            Direction::Left => new Text($point[0] + 4, $point[1] - 4, $words, TextStyle::Mark),
        };
    }

    /**
     * @param  array{float, float}  $place  across and along
     * @return array{float, float} x and y of the upper left corner
     */
    private function corner(array $place, Box $box, Placed $placed): array
    {
        return match ($this->direction) {
            Direction::Down => $place,
            Direction::Right => [$place[1], $place[0]],
            Direction::Left => [$placed->along - $place[1] - $box->width, $place[0]],
        };
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    private function points(array $points, Placed $placed): array
    {
        return array_map(fn (array $point): array => $this->point($point, $placed), $points);
    }

    /**
     * @param  array{float, float}  $point
     * @return array{float, float}
     */
    private function point(array $point, Placed $placed): array
    {
        return match ($this->direction) {
            Direction::Down => $point,
            Direction::Right => [$point[1], $point[0]],
            Direction::Left => [$placed->along - $point[1], $point[0]],
        };
    }
}
