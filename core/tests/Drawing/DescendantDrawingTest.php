<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\DescendantDrawing;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\TestCase;

final class DescendantDrawingTest extends TestCase
{
    use ReadsScenes;

    public function test_partners_stand_under_whom_they_married_and_children_to_the_right(): void
    {
        $scene = (new DescendantDrawing(5))->lay(self::family()->tree(), Subject::person('silvan'));
        $boxes = self::byPerson($scene);

        self::assertSame('Descendants of Silvan Tarrel', $scene->title);
        self::assertCount(7, $boxes);
        self::assertNoOverlap($scene);
        self::assertGreaterThan($boxes['silvan']->y, $boxes['hester']->y);
        self::assertGreaterThan($boxes['hester']->y, $boxes['dorcas']->y);
        self::assertGreaterThan($boxes['hester']->x, $boxes['hezekiah']->x);
        self::assertSame($boxes['hezekiah']->x, $boxes['wilma']->x);
        self::assertGreaterThan($boxes['hezekiah']->x, $boxes['ann']->x);
        self::assertEqualsCanonicalizing(
            [['hezekiah', 'silvan'], ['hezekiah', 'hester'], ['wilma', 'silvan'], ['wilma', 'dorcas'], ['ann', 'wilma'], ['ann', 'tam']],
            array_map(static fn (Line $line): array => [$line->fromId, $line->toId], self::ties($scene)));
    }

    public function test_stops_after_so_many_generations_and_says_so(): void
    {
        $boxes = self::byPerson((new DescendantDrawing(2))->lay(self::family()->tree(), Subject::person('silvan')));

        self::assertArrayNotHasKey('ann', $boxes);
        self::assertSame(['1 child not drawn'], self::stops($boxes['wilma']));
        self::assertSame([], self::stops($boxes['hezekiah']));
        self::assertSame([], self::stops($boxes['tam']));
    }

    public function test_cousins_who_married_are_drawn_once_and_their_child_runs_to_both(): void
    {
        $isles = (new Isles)->person('t', 'Thomas Drum h')->person('a', 'Thomas Drum h')->person('b', 'Ann Drum w')
            ->person('alec', 'Alec Drum h')->person('wilma', 'Wilma Osk w')->person('child', 'Hezzy Drum w')
            ->union('u1', ['t'], ['a', 'b'])->union('u2', ['a'], ['alec'])->union('u3', ['b'], ['wilma'])
            ->union('u4', ['alec', 'wilma'], ['child']);
        $scene = (new DescendantDrawing(6))->lay($isles->tree(), Subject::person('t'));

        self::assertEqualsCanonicalizing(['t', 'a', 'b', 'alec', 'wilma', 'child'], array_column($scene->boxes, 'personId'));
        self::assertEqualsCanonicalizing(['alec', 'wilma'],
            array_column(array_filter(self::ties($scene), static fn (Line $line): bool => $line->fromId === 'child'), 'toId'));
    }

    public function test_boxes_never_overlap(): void
    {
        mt_srand(1807);
        for ($round = 0; $round < 60; $round++) {
            $isles = (new Isles)->person('p0', 'Root Tarrel');
            $ids = ['p0'];
            for ($next = 1, $at = 0; $next < mt_rand(5, 80) && $at < count($ids); $at++) {
                foreach (range(1, mt_rand(1, 3)) as $couple) {
                    $isles->person($partner = 'w'.$next++, 'A Partner');
                    $children = [];
                    for ($i = mt_rand(0, 4); $i > 0; $i--) {
                        $isles->person($ids[] = $children[] = 'p'.$next++, 'Some Body');
                    }
                    $isles->union("u{$at}-{$couple}", [$ids[$at], $partner], $children);
                }
            }
            self::assertNoOverlap((new DescendantDrawing(8))->lay($isles->tree(), Subject::person('p0')));
        }
    }

    public function test_kinds_of_tie_doubt_and_what_was_ruled_out(): void
    {
        $isles = (new Isles)->person('moll', 'Moll Stair w')->person('adam', 'Adam Ibsley h')->person('ned', 'Ned Ibsley h')
            ->union('u', ['adam'], ['moll'], '', ParentageKind::Adoptive)->union('v', ['adam'], ['ned']);
        $isles->tie('ned', 'adam', ParentageKind::Birth, Proof::Probable);
        $scene = (new DescendantDrawing(3))->lay($isles->tree(), Subject::person('adam'));
        $boxes = self::byPerson($scene);

        self::assertSame(['ad.'], array_column($scene->marks, 'words'));
        self::assertLessThan($boxes['moll']->x, $scene->marks[0]->x);
        self::assertSame('', $boxes['moll']->footing);
        self::assertSame('parent not proved', $boxes['ned']->footing);
        self::assertSame(['moll' => false, 'ned' => true],
            array_column(array_map(static fn (Line $line): array => ['id' => $line->fromId, 'dotted' => $line->dotted], $scene->lines),
                'dotted', 'id'));
        self::assertMatchesRegularExpression('/<text[^>]*>ad\.</', Svg::render(BoxSetting::scene($scene)));

        $isles->tie('ned', 'adam', ParentageKind::Birth, Proof::Unstated, Standing::RuledOut);
        self::assertEqualsCanonicalizing(['adam', 'moll'],
            array_column((new DescendantDrawing(3))->lay($isles->tree(), Subject::person('adam'))->boxes, 'personId'));
    }

    public function test_somebody_alone_is_one_box(): void
    {
        $scene = (new DescendantDrawing(5))->lay((new Isles)->person('p', 'Hezzy Drum')->tree(), Subject::person('p'));

        self::assertCount(1, $scene->boxes);
        self::assertSame([], $scene->lines);
    }

    private static function family(): Isles
    {
        return (new Isles)->person('silvan', 'Silvan Tarrel h')->person('hester', 'Hester Osk w')->person('dorcas', 'Dorcas Ibsley w')
            ->person('hezekiah', 'Hezekiah Tarrel h')->person('wilma', 'Wilma Tarrel w')->person('tam', 'Tam Drum h')
            ->person('ann', 'Ann Drum w')
            ->union('u1', ['silvan', 'hester'], ['hezekiah'], '1801')->union('u2', ['silvan', 'dorcas'], ['wilma'], '1810')
            ->union('u3', ['tam', 'wilma'], ['ann']);
    }
}
