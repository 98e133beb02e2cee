<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use PHPUnit\Framework\TestCase;

/** A scene is all that is painted: nothing about a box is left for whoever paints it to add. */
final class BoxSettingTest extends TestCase
{
    public function test_words_stand_in_the_box_and_what_leads_on_stands_right_of_it(): void
    {
        $box = new Box('p', 7, 100, 50, 208, 74, ['Hezekiah', 'Tarrel'], ['born 1818, Tolsay'], 'Hezekiah Tarrel', 'partly', 'ad.',
            'parents not drawn');
        $scene = BoxSetting::scene(new BoxLayout('t', 500, 200, [$box], [new Line([[0.0, 0.0], [9.0, 9.0]], true, 'p', 'q')]));
        [$person, $more] = $scene->areas;

        self::assertSame([Gesture::Open, 'p', 7, 100.0, 50.0, 208.0, 74.0],
            [$person->gesture, $person->personId, $person->number, $person->x, $person->y, $person->width, $person->height]);
        self::assertSame([['Hezekiah', TextStyle::Name], ['Tarrel', TextStyle::Name], ['born 1818, Tolsay', TextStyle::Fact],
            ['ad.', TextStyle::Mark]], array_map(static fn (Text $text): array => [$text->words, $text->style], $person->texts));
        foreach (array_slice($person->texts, 0, 3) as $text) {
            self::assertGreaterThan($box->x, $text->x);
            self::assertGreaterThan($box->y, $text->y);
            self::assertLessThan($box->y + $box->height, $text->y);
        }
        self::assertSame([StrokeStyle::Partly], array_column($person->rules, 'style'));
        self::assertSame([Gesture::DrawFrom, 'p', 308.0, '… parents not drawn'],
            [$more->gesture, $more->personId, $more->x, $more->texts[0]->words]);
        self::assertGreaterThanOrEqual(24.0, $more->height);
        self::assertSame(TypeMeasure::width('… parents not drawn', TextStyle::More->size()), $more->width);
        self::assertSame([['p', 'q'], StrokeStyle::Unproved], [$scene->paths[0]->personIds, $scene->paths[0]->style]);
        self::assertSame([$person], $scene->people());
        self::assertLessThan($scene->height, $scene->foot->y);
    }

    public function test_the_mark_of_a_tie_ends_left_of_the_box_where_its_line_does(): void
    {
        $mark = static function (bool $isLeft): Text {
            $box = new Box('p', 1, 100, 50, 208, 74, ['x'], [], 'x', 'cited', 'fo.', '', '', $isLeft);

            return BoxSetting::scene(new BoxLayout('t', 500, 200, [$box], []))->areas[0]->texts[1];
        };

        self::assertTrue($mark(true)->endsAtX && $mark(true)->x < 100);
        self::assertTrue(! $mark(false)->endsAtX && $mark(false)->x > 308);
    }

    public function test_nobody_is_an_empty_scene(): void
    {
        self::assertSame([], array_map(static fn (HitArea $area): string => $area->personId,
            BoxSetting::scene(new BoxLayout('Nobody', 0, 0, [], []))->people()));
    }
}
