<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Fan\Sweep;
use NorthBough\Core\Drawing\FanDrawing;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FanDrawingTest extends TestCase
{
    public function test_fathers_sit_before_mothers_and_whoever_is_an_ancestor_twice_sits_twice(): void
    {
        $scene = (new FanDrawing(5))->draw(self::cousins()->tree(), Subject::person('child'));
        $ids = array_map(static fn (HitArea $area): string => $area->personId, $scene->people());

        // Ring by ring: the child, the parents, their parents, the couple that both sides share, twice.
        self::assertSame(['child', 'alec', 'wilma', 'a', 'b', 't', 'e', 't', 'e'], $ids);
        $aloud = array_map(static fn (HitArea $area): string => $area->aloud, $scene->people());
        self::assertStringNotContainsString('nearer the middle', $aloud[5]);
        self::assertStringContainsString('drawn nearer the middle, too', $aloud[7]);
        self::assertStringNotContainsString('nearer the middle',
            (new FanDrawing(5, marks: false))->draw(self::cousins()->tree(), Subject::person('child'))->people()[7]->aloud);
    }

    public function test_it_says_where_lines_stop_and_hides_whom_the_hand_hid(): void
    {
        $scene = (new FanDrawing(2))->draw(self::cousins()->tree(), Subject::person('child'));
        self::assertSame([['alec', 1, 'the drawing goes no further'], ['wilma', 1, 'the drawing goes no further']],
            array_map(static fn ($stop): array => [$stop->personId, $stop->count, $stop->why->value], $scene->stops));

        $hidden = (new FanDrawing(5))->draw(self::cousins()->tree(), Subject::person('child'), new Handwork(hidden: ['alec']));
        self::assertSame(['child', 'wilma', 'b', 't', 'e'], array_map(static fn (HitArea $area): string => $area->personId,
            $hidden->people()));
        self::assertSame('hidden by hand', $hidden->stops[0]->why->value);
    }

    public function test_a_tie_that_is_not_proved_has_dotted_sides_and_its_kind_is_told(): void
    {
        $isles = (new Isles)->person('moll', 'Moll Stair w')->person('adam', 'Adam Ibsley h')
            ->union('u', ['adam'], ['moll'], '', ParentageKind::Adoptive)->tie('moll', 'adam', ParentageKind::Adoptive, Proof::Probable);
        $scene = (new FanDrawing(3))->draw($isles->tree(), Subject::person('moll'));

        self::assertContains(StrokeStyle::Unproved, array_column($scene->paths, 'style'));
        self::assertStringContainsString('ad.', implode(' ', array_map(static fn (Text $text): string => $text->words,
            $scene->people()[1]->texts)));
    }

    /** @return iterable<string, array{Sweep, int<1, 9>}> */
    public static function fans(): iterable
    {
        foreach (Sweep::cases() as $sweep) {
            foreach ([1, 4, 9] as $generations) {
                yield "{$sweep->value}, {$generations} generations" => [$sweep, $generations];
            }
        }
    }

    /** @param  int<1, 9>  $generations */
    #[DataProvider('fans')]
    public function test_no_seat_lies_on_another_and_words_stay_in_theirs(Sweep $sweep, int $generations): void
    {
        $isles = new Isles;
        $isles->person('1', 'Augustus Bartholomew Cornelius Desmond Everard Halloway-Sten h b 1900');
        for ($at = 1; $at < 2 ** ($generations - 1); $at++) {
            $isles->person((string) (2 * $at), 'Augustus Bartholomew Cornelius Desmond Everard Halloway-Sten h b 1800 d 1850')
                ->person((string) (2 * $at + 1), 'Una Osk w')->union("u{$at}", [(string) (2 * $at), (string) (2 * $at + 1)],
                    [(string) $at]);
        }
        $scene = (new FanDrawing($generations, $sweep))->draw($isles->tree(), Subject::person('1'));
        $areas = $scene->people();

        self::assertCount(2 ** $generations - 1, $areas);
        self::assertSame(array_map(strval(...), range(1, 2 ** $generations - 1)),
            array_map(static fn (HitArea $area): string => $area->personId, $areas));
        self::assertNoneOverlap($areas);
        foreach ($areas as $area) {
            self::assertInside($area, $scene);
        }
    }

    public function test_whoever_is_not_there_cannot_be_drawn(): void
    {
        $this->expectException(SubjectMissing::class);
        (new FanDrawing)->draw((new Isles)->tree(), Subject::person('nobody'));
    }

    /** @param  list<HitArea>  $areas */
    private static function assertNoneOverlap(array $areas): void
    {
        $over = [];
        foreach ($areas as $at => $a) {
            foreach (array_slice($areas, $at + 1) as $b) {
                if ($a->x + $a->width > $b->x + 0.01 && $b->x + $b->width > $a->x + 0.01 && $a->y + $a->height > $b->y + 0.01
                    && $b->y + $b->height > $a->y + 0.01) {
                    $over[] = "{$a->personId} and {$b->personId}";
                }
            }
        }
        self::assertSame([], $over);
    }

    /** The middle of every line of words lies in the seat it tells of, and the seat on the paper. */
    private static function assertInside(HitArea $area, Scene $scene): void
    {
        foreach ($area->outline as [$x, $y]) {
            self::assertTrue($x >= 0 && $y >= 0 && $x <= $scene->width && $y <= $scene->height);
        }
        foreach ($area->texts as $text) {
            $along = match ($text->anchor->value) {
                'start' => TypeMeasure::width($text->words, $text->style->size()) / 2,
                default => 0.0,
            };
            $turn = deg2rad($text->turn);
            $middle = [$text->x + $along * cos($turn), $text->y + $along * sin($turn)];
            self::assertTrue(self::holds($area->outline, $middle), "{$area->personId}: {$text->words} stands outside");
        }
    }

    /**
     * By how often a ray to the right meets the outline.
     *
     * @param  list<array{float, float}>  $outline
     * @param  array{float, float}  $point
     */
    private static function holds(array $outline, array $point): bool
    {
        $isIn = false;
        for ($at = 0, $before = count($outline) - 1; $at < count($outline); $before = $at++) {
            [[$ax, $ay], [$bx, $by]] = [$outline[$at], $outline[$before]];
            if (($ay > $point[1]) !== ($by > $point[1]) && $point[0] < ($bx - $ax) * ($point[1] - $ay) / ($by - $ay) + $ax) {
                $isIn = ! $isIn;
            }
        }

        return $isIn;
    }

    private static function cousins(): Isles
    {
        return (new Isles)->person('t', 'Thomas Drum h')->person('e', 'Elspet Tarrel w')->person('a', 'Thomas Drum h')
            ->person('b', 'Ann Drum w')->person('alec', 'Alec Drum h')->person('wilma', 'Wilma Osk w')->person('child', 'Hezzy Drum w')
            ->union('u1', ['t', 'e'], ['a', 'b'])->union('u2', ['a'], ['alec'])->union('u3', ['b'], ['wilma'])
            ->union('u4', ['alec', 'wilma'], ['child']);
    }
}
