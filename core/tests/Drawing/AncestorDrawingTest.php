<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\AncestorDrawing;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\LineKind;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\TestCase;

final class AncestorDrawingTest extends TestCase
{
    use ReadsScenes;

    public function test_fathers_stand_above_mothers_and_generations_go_to_the_right(): void
    {
        $scene = (new AncestorDrawing(5))->lay(self::family()->tree(), Subject::person('child'));
        $boxes = self::byPerson($scene);

        self::assertCount(7, $boxes);
        self::assertLessThan($boxes['mother']->y, $boxes['father']->y);
        self::assertEqualsWithDelta($boxes['father']->x, $boxes['mother']->x, 0.01);
        self::assertGreaterThan($boxes['child']->x, $boxes['father']->x);
        self::assertCount(6, self::ties($scene));
        self::assertCount(3, array_filter($scene->lines, static fn (Line $line): bool => $line->kind === LineKind::Couple));
    }

    public function test_stops_after_so_many_generations_and_says_so(): void
    {
        $boxes = self::byPerson((new AncestorDrawing(2))->lay(self::family()->tree(), Subject::person('child')));

        self::assertSame(['child', 'father', 'mother'], array_keys($boxes));
        self::assertSame(['2 parents not drawn'], self::stops($boxes['father']));
        self::assertSame([], self::stops($boxes['child']));
    }

    public function test_cousins_who_married_are_drawn_once_and_linked_twice(): void
    {
        $isles = (new Isles)->person('t', 'Thomas Drum h')->person('e', 'Elspet Tarrel w')->person('a', 'Thomas Drum h')
            ->person('b', 'Ann Drum w')
            ->person('alec', 'Alec Drum h')->person('wilma', 'Wilma Osk w')->person('child', 'Hezzy Drum w')
            ->union('u1', ['t', 'e'], ['a', 'b'])->union('u2', ['a'], ['alec'])->union('u3', ['b'], ['wilma'])
            ->union('u4', ['alec', 'wilma'], ['child']);
        $scene = (new AncestorDrawing(6))->lay($isles->tree(), Subject::person('child'));

        self::assertCount(7, $scene->boxes);
        self::assertCount(2, array_filter(self::ties($scene), static fn (Line $line): bool => $line->toId === 't'));
    }

    public function test_boxes_never_overlap(): void
    {
        mt_srand(1807);
        for ($round = 0; $round < 60; $round++) {
            $isles = new Isles;
            $ids = ['p0'];
            $isles->person('p0', 'Root Tarrel');
            for ($next = 1, $at = 0; $next < mt_rand(5, 60); $at++) {
                $parents = [];
                foreach (range(1, mt_rand(1, 2)) as $_) {
                    $isles->person($ids[] = $parents[] = 'p'.$next++, 'Some Body');
                }
                $isles->union("u{$at}", $parents, [$ids[$at]]);
            }
            $scene = (new AncestorDrawing(8))->lay($isles->tree(), Subject::person('p0'));
            self::assertNoOverlap($scene);
        }
    }

    public function test_what_holds_the_parents_is_told_at_the_childs_end(): void
    {
        $isles = (new Isles)->person('moll', 'Moll Stair w')->person('adam', 'Adam Ibsley h')
            ->union('u', ['adam'], ['moll'], '', ParentageKind::Adoptive);
        $scene = (new AncestorDrawing(3))->lay($isles->tree(), Subject::person('moll'));

        self::assertSame(['ad.'], array_column($scene->marks, 'words'));
        self::assertSame([LineKind::Adoptive], array_column($scene->lines, 'kind'));
    }

    public function test_who_was_ruled_out_is_not_drawn_and_an_unproved_line_is_dotted(): void
    {
        $isles = (new Isles)->person('moll', 'Moll Stair w')->person('adam', 'Adam Ibsley h')->person('nan', 'Nan Osk w')
            ->union('u', ['adam', 'nan'], ['moll']);
        $lines = static fn (): array => array_map(static fn (Line $line): array => [$line->toId, $line->dotted],
            self::ties((new AncestorDrawing(3))->lay($isles->tree(), Subject::person('moll'))));
        self::assertSame([['adam', false], ['nan', false]], $lines());
        $isles->tie('moll', 'nan', ParentageKind::Birth, Proof::Probable);
        self::assertSame([['adam', false], ['nan', true]], $lines());
        self::assertSame('one parent not proved',
            self::byPerson((new AncestorDrawing(3))->lay($isles->tree(), Subject::person('moll')))['moll']->footing);
        $isles->tie('moll', 'adam', ParentageKind::Birth, Proof::Unstated, Standing::Rival)
            ->tie('moll', 'nan', ParentageKind::Birth, Proof::Unstated, Standing::RuledOut);
        self::assertSame([['adam', true]], $lines());
        $isles->tie('moll', 'adam', ParentageKind::Birth, Proof::Proved, Standing::RuledOut);
        self::assertSame([], $lines());
        self::assertSame(['moll'], array_keys(self::byPerson((new AncestorDrawing(3))->lay($isles->tree(), Subject::person('moll')))));
    }

    public function test_a_very_long_name_is_broken_and_cut_but_told_whole(): void
    {
        $name = 'Augustus Bartholomew Cornelius Desmond Everard Fitzgerald Montgomery Archibald Halloway-Sten';
        $box = (new AncestorDrawing(1))->lay((new Isles)->person('p', $name)->tree(), Subject::person('p'))->boxes[0];

        self::assertCount(2, $box->nameLines);
        self::assertStringEndsWith('…', $box->nameLines[1]);
        self::assertSame($name, $box->fullName);
        foreach ($box->nameLines as $line) {
            self::assertLessThan($box->width, TypeMeasure::width($line, TextStyle::Name->size()));
        }
    }

    public function test_the_rule_tells_how_the_facts_are_backed(): void
    {
        $isles = (new Isles)->person('a', 'A Osk b 1800 d 1860', cited: true)->person('b', 'B Osk b 1800');

        self::assertSame('cited', (new AncestorDrawing(1))->lay($isles->tree(), Subject::person('a'))->boxes[0]->rule);
        self::assertSame('uncited', (new AncestorDrawing(1))->lay($isles->tree(), Subject::person('b'))->boxes[0]->rule);
    }

    public function test_svg_is_well_formed_and_escapes_names(): void
    {
        $svg = Svg::render((new AncestorDrawing(1))
            ->draw((new Isles)->person('p', 'Ann <b>&</b> Osk b 1800')->tree(), Subject::person('p')));
        $document = simplexml_load_string($svg);

        self::assertNotFalse($document);
        self::assertStringContainsString('&lt;b&gt;', $svg);
        self::assertStringNotContainsString('<b>', $svg);
    }

    public function test_an_unknown_kind_says_so(): void
    {
        self::assertInstanceOf(AncestorDrawing::class, Drawings::named('ancestors'));
        $this->expectException(UnknownKind::class);
        Drawings::named('wheel');
    }

    private static function family(): Isles
    {
        return (new Isles)->person('child', 'Ailie Averay w b 1973')->person('father', 'Martin Averay h')
            ->person('mother', 'Ruth Fenwhistle w')
            ->person('ff', 'Col Averay h')->person('fm', 'May Osk w')->person('mf', 'Sander Fenwhistle h')->person('mm', 'Keziah Osk w')
            ->union('u1', ['father', 'mother'], ['child'])->union('u2', ['ff', 'fm'], ['father'])->union('u3', ['mm', 'mf'], ['mother']);
    }
}
