<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Life\Window;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Life\Window\BoundNetwork;
use NorthBough\Core\Life\Window\InferenceStep;
use NorthBough\Core\Life\Window\LifeWindows;
use NorthBough\Core\Life\Window\LikelyLimits;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LifeWindowsTest extends TestCase
{
    /**
     * What is told of one person alone.
     *
     * @return iterable<string, array{list<list<string>>, string, string, string}> facts, and certain birth, certain death, likely birth
     *     as years
     */
    public static function lives(): iterable
    {
        yield 'nothing is told' => [[], '?–?', '?–?', '?–?'];
        yield 'a day of birth' => [[['birth', '3 May 1818']], '1818–1818', '1818–?', '1818–1818'];
        yield 'about a year is likely, and certain of nothing' => [[['birth', 'abt 1850']], '?–?', '?–?', '1848–1852'];
        yield 'a told age likewise' => [[['birth', 'aged 24 on 1 June 1900']], '?–?', '?–?', '1873–1878'];
        yield 'a baptism bounds a birth' => [[['baptism', '4 June 1790']], '?–1790', '1790–?', '1788–1790'];
        yield 'a burial bounds a death' => [[['burial', '6 May 1799']], '?–1799', '?–1799', '1694–1799'];
        yield 'probate bounds a death' => [[['probate', '1869']], '?–1869', '?–1869', '?–1869'];
        yield 'a census: alive that day' => [[['census', '2 Apr 1881']], '?–1881', '1881–?', '1776–1881'];
        yield 'a trade that lasted: alive when it began, and likely no infant' => [[['occupation', 'from 1826 to 1858']], '?–1826',
            '1826–?', '1753–1818'];
        yield 'a trade told of the dead' => [[['occupation', 'by 22 Nov 1889']], '?–1889', '?–?', '?–1881'];
        yield 'a rival says nothing' => [[['birth', '1817', 'rival'], ['census', '1841']], '?–1841', '1841–?', '1736–1841'];
        yield 'nor does one that was ruled out' => [[['death', '1850', 'ruled out']], '?–?', '?–?', '?–?'];
        yield 'birth and death' => [[['birth', '1818'], ['death', '1889']], '1818–1818', '1889–1889', '1818–1818'];
    }

    /** @param  list<list<string>>  $facts */
    #[DataProvider('lives')]
    public function test_one_life(array $facts, string $born, string $died, string $likely): void
    {
        $windows = new LifeWindows(LikelyLimits::usual());
        $windows->person('p');
        foreach ($facts as $at => $fact) {
            $windows->event('p', self::event("f{$at}", ...$fact));
        }
        $window = $windows->of('p');
        self::assertSame([$born, $died, $likely],
            [self::years($window->bornCertain), self::years($window->diedCertain), self::years($window->bornLikely)]);
        self::assertSame([], $window->impossible);
    }

    public function test_bounds_go_through_the_family_and_the_chain_behind_one_can_be_told(): void
    {
        $windows = new LifeWindows(LikelyLimits::usual());
        $windows->event('mother', self::event('m', 'birth', '3 May 1818'));
        $windows->parent('child', 'mother', Sex::Female);
        $windows->parent('grandchild', 'child', Sex::Male);
        $windows->event('grandchild', self::event('g', 'census', '2 Apr 1881'));
        $child = $windows->of('child');
        self::assertSame(['1818–1881', '1832–1866'], [self::years($child->bornCertain), self::years($child->bornLikely)]);
        self::assertSame(
            [['mother', 'Birth 3 May 1818', 'm'], ['child', 'A child is born after its parent.', ''],
                ['grandchild', 'A child is born after its parent.', '']],
            array_map(static fn (InferenceStep $step): array => [$step->personId, $step->says, $step->eventId],
                $windows->why('grandchild', true, true, true)));
        self::assertSame([], $windows->why('mother', false, false, true));
    }

    public function test_whoever_signs_was_alive_and_a_wedding_bounds_both(): void
    {
        $windows = new LifeWindows(LikelyLimits::usual());
        $windows->seen('informant', DaySpan::between(self::day('1889-12-09'), self::day('1889-12-09')),
            'Informed of a death on 9 Dec 1889.');
        foreach (['him', 'her'] as $who) {
            $windows->wed($who, self::event('w', 'marriage', '9 Oct 1845'));
        }
        self::assertSame(['?–1889', '1889–?'],
            [self::years($windows->of('informant')->bornCertain), self::years($windows->of('informant')->diedCertain)]);
        self::assertSame(['?–1845', '1740–1830', '1845–?'],
            [self::years($windows->of('her')->bornCertain), self::years($windows->of('her')->bornLikely),
                self::years($windows->of('him')->diedCertain)]);
    }

    public function test_what_contradicts_itself_is_said_and_does_not_go_on_for_ever(): void
    {
        $windows = new LifeWindows(LikelyLimits::usual());
        $windows->event('p', self::event('b', 'birth', '1850'));
        $windows->event('p', self::event('d', 'death', '1840'));
        // Each the parent of the other: nobody can be born.
        $windows->parent('q', 'r', Sex::Female);
        $windows->parent('r', 'q', Sex::Female);
        $windows->event('s', self::event('e', 'census', '1881'));
        $windows->event('q', self::event('c', 'census', '1881'));
        self::assertSame(['birth', 'death'], $windows->of('p')->impossible);
        self::assertSame(['birth'], $windows->of('q')->impossible);
        self::assertSame('?–?', self::years($windows->of('q')->bornCertain));
        self::assertSame([], $windows->of('s')->impossible);
    }

    public function test_nothing_certain_rests_on_a_contested_value(): void
    {
        $windows = new LifeWindows(LikelyLimits::usual());
        $windows->events('p', [self::event('b', 'birth', '1850'), self::event('c', 'birth', '1852'), self::event('d', 'census', '1881')]);
        $windows->events('q', [self::event('e', 'birth', '1850'), self::event('f', 'birth', '1850')]);
        $windows->events('r', [self::event('g', 'death', '1790'), self::event('h', 'death', 'Oct 1790')]);
        self::assertSame(['?–1881', '1850–1850'],
            [self::years($windows->of('p')->bornCertain), self::years($windows->of('p')->bornLikely)]);
        self::assertSame('1850–1850', self::years($windows->of('q')->bornCertain));
        self::assertSame('1790–1790', self::years($windows->of('r')->diedCertain));
    }

    public function test_where_no_day_fits_there_is_no_range(): void
    {
        $windows = new LifeWindows(LikelyLimits::usual());
        $windows->events('p', [self::event('b', 'birth', '1850'), self::event('c', 'census', '1841')]);
        $window = $windows->of('p');
        self::assertSame([['birth'], '?–?'], [$window->impossible, self::years($window->bornCertain)]);
        self::assertNotSame([], $windows->why('p', true, true, true));
        self::assertNotSame([], $windows->why('p', true, false, true));
    }

    /** In generated families the truth always lies in the certain window, and, as they keep to the limits, in the likely one. */
    public function test_windows_hold_the_truth_whatever_is_told(): void
    {
        $seed = random_int(1, 1_000_000);
        mt_srand($seed);
        for ($try = 0; $try < 30; $try++) {
            [$truth, $tell] = self::family();
            shuffle($tell);
            $windows = new LifeWindows(LikelyLimits::usual());
            $again = new LifeWindows(LikelyLimits::usual());
            foreach ($tell as $one) {
                $one($windows);
            }
            foreach (array_reverse($tell) as $one) {
                $one($again);
            }
            foreach ($truth as $id => [$born, $died]) {
                $window = $windows->of($id);
                foreach ([[$window->bornCertain, $born], [$window->bornLikely, $born], [$window->diedCertain, $died],
                    [$window->diedLikely, $died]] as [$span, $day]) {
                    self::assertTrue(($span->earliest ?? $day) <= $day && ($span->latest ?? $day) >= $day,
                        "{$id}, seed {$seed}, try {$try}");
                }
                self::assertTrue(self::isWithin($window->bornLikely, $window->bornCertain)
                    && self::isWithin($window->diedLikely, $window->diedCertain), "The likely is within the certain: {$id}, seed {$seed}.");
                self::assertEquals($window, $again->of($id), "The order in which it is told changes nothing: seed {$seed}.");
            }
        }
    }

    /** Twice the tree takes about twice the moves, never four times. */
    public function test_the_work_grows_with_the_tree(): void
    {
        $moves = static function (int $people): int {
            $net = new BoundNetwork;
            for ($at = 1; $at < $people; $at++) {
                $net->after($at, intdiv($at - 1, 2), 5000, 0);
            }
            $net->notBefore(0, 1000, 1);
            $net->notAfter($people - 1, 900_000, 1);

            return $net->settle();
        };
        self::assertLessThan(2.5, $moves(40_000) / $moves(20_000));
    }

    /**
     * @return array{array<string, array{int, int}>, list<\Closure(LifeWindows): void>} births and deaths, and some of what
     *     can be told of them
     */
    private static function family(): array
    {
        $truth = ['m0' => [2_370_000, 2_370_000 + mt_rand(18_000, 33_000)],
            'f0' => [2_370_000 - mt_rand(0, 3000), 2_370_000 + mt_rand(18_000, 33_000)]];
        $tell = [];
        [$mother, $father] = ['m0', 'f0'];
        for ($generation = 1; $generation <= 4; $generation++) {
            $children = mt_rand(1, 5);
            for ($child = 0; $child < $children; $child++) {
                $latest = min($truth[$mother][1], $truth[$father][1]);
                $born = min($latest, $truth[$mother][0] + mt_rand(6600, 16_000));
                $id = "c{$generation}{$child}";
                $truth[$id] = [$born, $born + mt_rand(17_500, 33_000)];
                foreach ([$mother => Sex::Female, $father => Sex::Male] as $parent => $sex) {
                    $tell[] = static fn (LifeWindows $w) => $w->parent($id, $parent, $sex);
                }
            }
            $next = 'c'.$generation.($children - 1);
            $partner = "s{$generation}";
            $truth[$partner] = [($truth[$next][0] ?? 0) - mt_rand(0, 2000), ($truth[$next][0] ?? 0) + mt_rand(18_000, 33_000)];
            [$mother, $father] = [$next, $partner];
        }
        foreach ($truth as $id => [$born, $died]) {
            $facts = ['birth' => IsoDay::of($born), 'death' => IsoDay::of($died),
                'baptism' => IsoDay::of(min($died, $born + mt_rand(0, 300))), 'burial' => IsoDay::of($died + mt_rand(0, 9)),
                'census' => IsoDay::of(mt_rand($born, $died))];
            foreach ($facts as $kind => $day) {
                if (mt_rand(0, 3) === 0) {
                    $event = self::event("{$id}{$kind}", $kind, $day);
                    $tell[] = static fn (LifeWindows $w) => $w->event($id, $event);
                }
            }
        }

        return [$truth, $tell];
    }

    private static function isWithin(DaySpan $inner, DaySpan $outer): bool
    {
        return ($outer->earliest === null || $inner->earliest >= $outer->earliest)
            && ($outer->latest === null || ($inner->latest !== null && $inner->latest <= $outer->latest));
    }

    private static function event(string $id, string $kind, string $date, string $standing = 'unweighed'): Event
    {
        return new Event($id, $kind, '', '', GenDate::parse($date), '', false, [], Standing::from($standing));
    }

    private static function day(string $iso): int
    {
        return (int) GenDate::parse($iso)->span()?->earliest;
    }

    private static function years(DaySpan $span): string
    {
        return substr(IsoDay::orNull($span->earliest) ?? '?', 0, $span->earliest === null ? 1 : 4).'–'
            .substr(IsoDay::orNull($span->latest) ?? '?', 0, $span->latest === null ? 1 : 4);
    }
}
