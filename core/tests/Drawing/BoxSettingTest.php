<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Cast\StopReason;
use NorthBough\Core\Drawing\Cast\Toward;
use NorthBough\Core\Drawing\Scene\Anchor;
use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\LineKind;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use PHPUnit\Framework\TestCase;

/** A scene is all that is painted: nothing about a box is left for whoever paints it to add. */
final class BoxSettingTest extends TestCase
{
    public function test_words_stand_in_the_box_and_so_does_what_leads_on(): void
    {
        $height = BoxSetting::height(2, 1, 1);
        $box = new Box('p', 7, 100, 50, 208, $height, ['Hezekiah', 'Tarrel'], ['born 1818, Tolsay'], 'Hezekiah Tarrel', 'partly',
            [new Stop('p', Toward::Parents, 2, StopReason::Depth)]);
        $mark = new Text(96, 60, 'ad.', TextStyle::Mark, Anchor::End);
        $scene = BoxSetting::scene(new BoxLayout('t', 500, 200, [$box], [new Line([[0.0, 0.0], [9.0, 9.0]], true, 'p', 'q'),
            new Line([[0.0, 0.0], [9.0, 9.0]], false, 'q', 'r', LineKind::Couple)], [$mark]));
        [$person, $more] = $scene->areas;

        self::assertSame([Gesture::Open, 'p', 7, 100.0, 50.0, 208.0, $height],
            [$person->gesture, $person->personId, $person->number, $person->x, $person->y, $person->width, $person->height]);
        self::assertSame([['Hezekiah', TextStyle::Name], ['Tarrel', TextStyle::Name], ['born 1818, Tolsay', TextStyle::Fact]],
            array_map(static fn (Text $text): array => [$text->words, $text->style], $person->texts));
        foreach ([...$person->texts, ...$more->texts] as $text) {
            self::assertGreaterThan($box->x, $text->x);
            self::assertGreaterThan($box->y, $text->y);
            self::assertLessThan($box->y + $box->height, $text->y);
        }
        self::assertSame([StrokeStyle::Partly], array_column($person->rules, 'style'));
        self::assertSame([Gesture::BringParents, 'p', '… 2 parents not drawn'], [$more->gesture, $more->personId, $more->texts[0]->words]);
        self::assertGreaterThan($person->texts[2]->y, $more->y);
        self::assertGreaterThanOrEqual(24.0, $more->height);
        self::assertSame([['p', 'q'], StrokeStyle::Unproved], [$scene->paths[0]->personIds, $scene->paths[0]->style]);
        self::assertSame([StrokeStyle::Couple, LineKind::Couple], [$scene->paths[1]->style, $scene->paths[1]->kind]);
        self::assertSame([$mark], $scene->texts);
        self::assertSame($box->stops, $scene->stops);
        self::assertSame([$person], $scene->people());
        self::assertLessThan($scene->height, $scene->foot->y);
    }

    public function test_a_box_without_evidence_has_no_rule(): void
    {
        self::assertSame([], BoxSetting::scene(new BoxLayout('t', 500, 200,
            [new Box('p', 1, 100, 50, 208, 74, ['x'], [], 'x', '')], []))->areas[0]->rules);
    }

    public function test_nobody_is_an_empty_scene(): void
    {
        self::assertSame([], array_map(static fn (HitArea $area): string => $area->personId,
            BoxSetting::scene(new BoxLayout('Nobody', 0, 0, [], []))->people()));
    }
}
