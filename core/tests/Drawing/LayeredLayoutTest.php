<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\AncestorDrawing;
use NorthBough\Core\Drawing\AncestorWay;
use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\DescendantDrawing;
use NorthBough\Core\Drawing\DescendantWay;
use NorthBough\Core\Drawing\HourglassDrawing;
use NorthBough\Core\Drawing\KindredDrawing;
use NorthBough\Core\Drawing\PathDrawing;
use NorthBough\Core\Presentation\Subject;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever the family, and whatever a file says of it: nothing overlaps, nobody is missing, nothing lies on what it is not of. */
final class LayeredLayoutTest extends TestCase
{
    use ReadsScenes;

    private const TREES = 10;

    /** @return iterable<string, array{\Closure(): (AncestorDrawing|DescendantDrawing|HourglassDrawing|KindredDrawing|PathDrawing),
        list<int>}> */
    public static function drawings(): iterable
    {
        yield 'ancestors to the right' => [static fn (): AncestorDrawing => new AncestorDrawing(8), [-1]];
        yield 'ancestors upward' => [static fn (): AncestorDrawing => new AncestorDrawing(8, AncestorWay::Up), [-1]];
        yield 'descendants to the right' => [static fn (): DescendantDrawing => new DescendantDrawing(8), [0]];
        yield 'descendants downward' => [static fn (): DescendantDrawing => new DescendantDrawing(8, DescendantWay::Down), [0]];
        yield 'hourglass' => [static fn (): HourglassDrawing => new HourglassDrawing(4, 4), [7]];
        yield 'kindred of one' => [static fn (): KindredDrawing => new KindredDrawing(3, 2), [9]];
        yield 'kindred of three' => [static fn (): KindredDrawing => new KindredDrawing(2, 2), [3, 11, -1]];
        yield 'path' => [static fn (): PathDrawing => new PathDrawing, [5, -1]];
    }

    /**
     * @param  \Closure(): (AncestorDrawing|DescendantDrawing|HourglassDrawing|KindredDrawing|PathDrawing)  $drawing
     * @param  non-empty-list<int>  $subjects
     */
    #[DataProvider('drawings')]
    public function test_whatever_the_family(\Closure $drawing, array $subjects): void
    {
        for ($seed = 1; $seed <= self::TREES; $seed++) {
            $families = AwkwardFamilies::of($seed, 20 + 9 * $seed, circles: $seed % 3 === 0);
            $subject = Subject::people(array_map(
                static fn (int $at): string => $families->ids[$at < 0 ? count($families->ids) + $at : $at], $subjects));
            $layout = $drawing()->lay($families->isles()->tree(), $subject);

            self::assertSame(array_values(array_unique(array_column($layout->boxes, 'personId'))), array_column($layout->boxes,
                'personId'));
            self::assertSame([], array_diff($subject->ids, array_column($layout->boxes, 'personId')));
            self::assertNoOverlap($layout);
            self::assertNothingLiesOnALine($layout, "seed {$seed}");
            self::assertLinesAreTold($layout, "seed {$seed}");
            self::assertLinesAreApart($layout, "seed {$seed}");
            self::assertEquals($layout, $drawing()->lay($families->isles()->tree(), $subject), "seed {$seed} is laid out the same again");
        }
    }

    public function test_children_stand_in_their_order_where_nothing_is_searched_for(): void
    {
        foreach (range(1, self::TREES) as $seed) {
            $families = AwkwardFamilies::of($seed, 80);
            foreach ([[new DescendantDrawing(8), 'y'], [new DescendantDrawing(8, DescendantWay::Down), 'x']] as [$drawing, $axis]) {
                $layout = $drawing->lay($families->isles()->tree(), Subject::person('p0'));
                $boxes = self::byPerson($layout);
                $along = $axis === 'y' ? 'x' : 'y';
                foreach ($families->children as $union => $children) {
                    // Whoever was a couple stands beside their partner, who may be of an older family.
                    $alone = array_values(array_filter($children, static fn (string $id): bool => isset($boxes[$id])
                        && array_filter($layout->lines, static fn (Line $line): bool => $line->kind->value === 'couple'
                            && in_array($id, [$line->fromId, $line->toId], true)) === []
                        && count(array_filter(self::ties($layout), static fn (Line $line): bool => $line->fromId === $id)) <= 2));
                    $byLayer = [];
                    foreach ($alone as $id) {
                        $byLayer[(string) $boxes[$id]->{$along}][] = $boxes[$id]->{$axis};
                    }
                    foreach ($byLayer as $places) {
                        $sorted = $places;
                        sort($sorted);
                        self::assertSame($sorted, $places, "{$union} of seed {$seed}");
                    }
                }
            }
        }
    }

    private static function assertLinesAreTold(BoxLayout $layout, string $of): void
    {
        $boxes = self::byPerson($layout);
        foreach ($layout->lines as $line) {
            self::assertTrue(self::touches($boxes[$line->fromId], $line->points[0]), "{$of}: a line of {$line->fromId} begins elsewhere");
            self::assertTrue(self::touches($boxes[$line->toId], $line->points[count($line->points) - 1]),
                "{$of}: a line to {$line->toId} ends elsewhere");
        }
    }

    /** @param  array{float, float}  $point */
    private static function touches(Box $box, array $point): bool
    {
        return $point[0] >= $box->x - 0.1 && $point[0] <= $box->x + $box->width + 0.1
            && $point[1] >= $box->y - 0.1 && $point[1] <= $box->y + $box->height + 0.1;
    }

    private static function assertNothingLiesOnALine(BoxLayout $layout, string $of): void
    {
        $over = [];
        foreach ($layout->lines as $line) {
            for ($at = 1; $at < count($line->points); $at++) {
                [$from, $to] = [$line->points[$at - 1], $line->points[$at]];
                foreach ($layout->boxes as $box) {
                    $isClear = max($from[0], $to[0]) <= $box->x + 0.1 || min($from[0], $to[0]) >= $box->x + $box->width - 0.1
                        || max($from[1], $to[1]) <= $box->y + 0.1 || min($from[1], $to[1]) >= $box->y + $box->height - 0.1;
                    if (! $isClear) {
                        $over[] = "{$line->fromId} to {$line->toId} over {$box->personId}";
                    }
                }
            }
        }
        self::assertSame([], $over, "{$of}: lines run over boxes");
    }

    /** Lines may cross; where two run along each other they must be of one child, one parent or one family. */
    private static function assertLinesAreApart(BoxLayout $layout, string $of): void
    {
        $parents = [];
        foreach (self::ties($layout) as $line) {
            $parents[$line->fromId][] = $line->toId;
        }
        $pieces = [];
        foreach (self::ties($layout) as $line) {
            for ($at = 1; $at < count($line->points); $at++) {
                [$from, $to] = [$line->points[$at - 1], $line->points[$at]];
                $axis = abs($from[0] - $to[0]) < 0.01 ? 0 : 1;
                $pieces["{$axis} ".round($from[$axis])][] = [min($from[1 - $axis], $to[1 - $axis]), max($from[1 - $axis], $to[1 - $axis]),
                    $line];
            }
        }
        $along = [];
        foreach ($pieces as $onOne) {
            foreach ($onOne as $i => [$from, $to, $line]) {
                foreach (array_slice($onOne, $i + 1) as [$otherFrom, $otherTo, $other]) {
                    $isKin = $line->fromId === $other->fromId || array_intersect($parents[$line->fromId], $parents[$other->fromId]) !== [];
                    if (! $isKin && min($to, $otherTo) - max($from, $otherFrom) > 1) {
                        $along[] = "{$line->fromId} to {$line->toId} along {$other->fromId} to {$other->toId}";
                    }
                }
            }
        }
        self::assertSame([], $along, "{$of}: lines of different families run along each other");
    }
}
