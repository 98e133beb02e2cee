<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\DescendantDrawing;
use NorthBough\Core\Drawing\Render\Paper;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Render\Tiles;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A drawing on sheets: together they show all of it, and neighbours the same strip. */
final class TilesTest extends TestCase
{
    /** @return iterable<string, array{Paper, int}> */
    public static function papers(): iterable
    {
        foreach (Paper::cases() as $paper) {
            foreach ([2, 60, 300] as $people) {
                yield "{$paper->value}, {$people} people" => [$paper, $people];
            }
        }
    }

    #[DataProvider('papers')]
    public function test_all_of_it_is_on_the_sheets_and_what_lies_at_an_edge_on_both(Paper $paper, int $people): void
    {
        $scene = self::scene($people);
        $pages = Tiles::pages($scene, $paper);
        $shown = [];
        foreach ($pages as $page) {
            $document = new \DOMDocument;
            self::assertTrue($document->loadXML($page, LIBXML_NONET));
            self::assertContains($document->documentElement?->getAttribute('width'),
                array_map(static fn (float $side): string => Svg::number($side).'pt', $paper->size()));
            self::assertSame(16, preg_match_all('/stroke-width="0.5"/', $page));
            self::assertSame(1, preg_match('/translate\(([-\d.]+) ([-\d.]+)\)/', $page, $at));
            self::assertSame(1, preg_match('/<rect x="([\d.]+)" y="([\d.]+)" width="([\d.]+)" height="([\d.]+)"/', $page, $clip));
            [, $left, $top, $wide, $high] = array_map(floatval(...), $clip) + [0.0, 0.0, 0.0, 0.0, 0.0];
            $shown[] = [$left, $top, $left + $wide, $top + $high];
        }
        self::assertGreaterThanOrEqual($scene->width, max(array_column($shown, 2)));
        self::assertGreaterThanOrEqual($scene->height, max(array_column($shown, 3)));
        foreach ($scene->people() as $area) {
            $holding = array_filter($shown, static fn (array $sheet): bool => $area->x < $sheet[2] && $area->x + $area->width > $sheet[0]
                && $area->y < $sheet[3] && $area->y + $area->height > $sheet[1]);
            self::assertNotSame([], $holding);
            foreach (array_keys($holding) as $at) {
                self::assertStringContainsString('>'.htmlspecialchars($area->texts[0]->words).'<', $pages[$at]);
            }
        }
        self::assertStringContainsString('row 1 of', $pages[0]);
    }

    public function test_the_sheets_lie_the_way_that_takes_fewer(): void
    {
        $scene = self::scene(60);
        $wide = new Scene('wide', 740, 400, [], [], $scene->foot);

        self::assertCount(1, Tiles::pages($wide, Paper::A4));
        self::assertStringContainsString('width="841.89pt"', Tiles::pages($wide, Paper::A4)[0]);
        self::assertCount(1, Tiles::pages(new Scene('high', 400, 700, [], [], $scene->foot), Paper::Letter));
    }

    private static function scene(int $people): Scene
    {
        $families = AwkwardFamilies::of(7, $people);

        return (new DescendantDrawing(6))->draw($families->isles()->tree(), Subject::person($families->ids[0]));
    }
}
