<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Lifespans\Span;
use NorthBough\Core\Drawing\LifespansDrawing;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Rule;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\TestCase;

final class LifespansDrawingTest extends TestCase
{
    public function test_kin_are_drawn_by_when_they_began_and_those_without_dates_last(): void
    {
        $spans = (new LifespansDrawing)->spans(self::family()->tree(), ['ewan']);

        self::assertSame(['magnus', 'isbel', 'moll', 'ewan', 'tam', 'jean', 'una'],
            array_map(static fn (Span $span): string => $span->person->id, $spans));
        self::assertSame(['ewan'], array_values(array_map(static fn (Span $span): string => $span->person->id,
            array_filter($spans, static fn (Span $span): bool => $span->isSubject))));
        self::assertCount(1, (new LifespansDrawing(kin: false))->spans(self::family()->tree(), ['ewan']));
    }

    public function test_a_bar_is_as_long_as_a_life_and_dotted_where_it_is_not_certain(): void
    {
        $rows = self::rows((new LifespansDrawing)->draw(self::family()->tree(), Subject::person('ewan')));
        [$ewan, $moll] = [self::bars($rows['ewan']), self::bars($rows['moll'])];

        self::assertSame([StrokeStyle::Alive], array_column($ewan, 'style'));
        self::assertSame([StrokeStyle::PerhapsAlive, StrokeStyle::Alive, StrokeStyle::PerhapsAlive], array_column($moll, 'style'));
        // 30 July 1847 to 12 August 1923, and 3 May 1818 to 22 November 1889, on one scale.
        $magnus = self::bars($rows['magnus'])[0];
        self::assertEqualsWithDelta((76.03 / 71.56), ($ewan[0]->toX - $ewan[0]->fromX) / ($magnus->toX - $magnus->fromX), 0.01);
        self::assertSame([], self::bars($rows['una']));
        self::assertStringContainsString('without dates', $rows['una']->aloud);
    }

    public function test_no_row_lies_on_another_and_everything_lies_on_the_sheet(): void
    {
        $isles = self::family();
        foreach (range(1, 60) as $at) {
            $isles->person("child{$at}", 'Wilhelmina Constance Halloway-Sten-Fenwhistle of the Upper Quay b '.(1700 + 3 * $at));
        }
        $isles->union('many', ['ewan'], array_map(static fn (int $at): string => "child{$at}", range(1, 60)));
        $scene = (new LifespansDrawing)->draw($isles->tree(), Subject::person('ewan'));

        self::assertCount(67, $scene->areas);
        foreach ($scene->areas as $at => $area) {
            self::assertLessThanOrEqual($scene->width, $area->x + $area->width);
            self::assertLessThanOrEqual($scene->height, $area->y + $area->height);
            $next = $scene->areas[$at + 1] ?? null;
            $next === null || self::assertGreaterThanOrEqual($area->y + $area->height, $next->y);
        }
        self::assertNotSame([], $scene->texts);
        self::assertEquals($scene, (new LifespansDrawing)->draw($isles->tree(), Subject::person('ewan')));
    }

    public function test_nobody_dated_makes_no_axis_and_nobody_at_all_is_said(): void
    {
        $isles = (new Isles)->person('a', 'Una Osk w');
        $scene = (new LifespansDrawing)->draw($isles->tree(), Subject::person('a'));

        self::assertSame([[], []], [$scene->paths, $scene->texts]);
        self::assertStringContainsString('Una Osk', Svg::render($scene));
        $this->expectException(SubjectMissing::class);
        (new LifespansDrawing)->draw($isles->tree(), Subject::person('b'));
    }

    public function test_the_years_stand_on_the_sheet(): void
    {
        $svg = Svg::render((new LifespansDrawing)->draw(self::family()->tree(), Subject::person('ewan')));

        self::assertStringContainsString('>1850</text>', $svg);
        self::assertStringContainsString('Lifespans of Ewan Tarrel and kin', $svg);
    }

    private static function family(): Isles
    {
        return (new Isles)->person('ewan', 'Ewan Tarrel h b 30 July 1847 d 12 Aug 1923')
            ->person('magnus', 'Magnus Tarrel h b 3 May 1818 d 22 Nov 1889')->person('isbel', 'Isbel Osk w b 1820 d 1871')
            ->person('moll', 'Moll Stair w b about 1846 d between 1900 and 1910')->person('tam', 'Tam Tarrel h b 4 Jan 1849')
            ->person('jean', 'Jean Tarrel w b 2 Feb 1889 d 1960')->person('una', 'Una Tarrel w')
            ->union('u1', ['magnus', 'isbel'], ['ewan', 'tam'])->union('u2', ['ewan', 'moll'], ['jean', 'una']);
    }

    /** @return array<string, HitArea> by person */
    private static function rows(Scene $scene): array
    {
        return array_column($scene->areas, null, 'personId');
    }

    /** @return list<Rule> */
    private static function bars(HitArea $row): array
    {
        return $row->rules;
    }
}
