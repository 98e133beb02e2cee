<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Drawing\LifeStrip\LifeStrip;
use NorthBough\Core\Tree\Event;
use PHPUnit\Framework\TestCase;

final class LifeStripTest extends TestCase
{
    public function test_marks_stand_in_order_within_the_axis(): void
    {
        $line = LifeStrip::draw(
            [self::event('death', '1799'), self::event('birth', '10 Feb 1732'), self::event('marriage', 'abt 1758')], []);

        self::assertSame(['Birth', 'Marriage', 'Death'], array_column($line->marks, 'word'));
        foreach ($line->marks as $mark) {
            self::assertGreaterThanOrEqual(0.0, $mark->from);
            self::assertLessThanOrEqual(1.0, $mark->to);
            self::assertLessThanOrEqual($mark->to, $mark->from);
        }
        self::assertTrue($line->marks[1]->softFrom && $line->marks[1]->softTo);
        self::assertFalse($line->marks[0]->softFrom);
    }

    public function test_the_familys_events_are_drawn_only_within_the_life(): void
    {
        $line = LifeStrip::draw([self::event('birth', '1732'), self::event('death', '1799')],
            [['Magnus', self::event('birth', '1760'), 'magnus'], ['Nan', self::event('death', '1850'), 'nan']]);

        self::assertSame(['', 'Magnus', ''], array_column($line->marks, 'whose'));
    }

    public function test_words_of_one_height_do_not_run_into_each_other(): void
    {
        $line = LifeStrip::draw(array_map(static fn (int $y): Event => self::event('census', (string) (1841 + $y)), range(0, 60)), []);
        $last = [];
        foreach ($line->marks as $mark) {
            if ($mark->lane >= 0) {
                $begins = $mark->wordsLeft ? $mark->to - 0.11 : $mark->from;
                self::assertGreaterThanOrEqual(0.11 - 0.00001, $begins - ($last[$mark->lane] ?? -1.0));
                self::assertLessThanOrEqual(1.0, $begins + 0.11, 'it runs off the line');
                $last[$mark->lane] = $begins;
            }
        }
        self::assertContains(-1, array_column($line->marks, 'lane'));
    }

    public function test_what_lasted_is_told_from_doubt_about_when(): void
    {
        $line = LifeStrip::draw([self::event('occupation', 'from 1850 to 1860'), self::event('birth', 'bet 1820 and 1830')], []);

        self::assertSame([false, true], array_column($line->marks, 'lasts'));
    }

    public function test_without_a_date_there_is_no_line(): void
    {
        self::assertSame([], LifeStrip::draw([self::event('birth', 'nobody knows')], [])->marks);
    }

    public function test_a_life_of_one_event_spans_the_life_and_not_a_year(): void
    {
        $day = static fn (int $year): int => Calendars::gregorian()->toDay($year, 1, 1);
        $alone = LifeStrip::draw([self::event('birth', '1948')], []);
        $living = LifeStrip::draw([self::event('birth', '1948')], [], livedTo: $day(2020));
        $old = LifeStrip::draw([self::event('death', '1799')], [], bornFrom: $day(1720), livedTo: $day(1900));

        self::assertGreaterThan(0.2, $alone->marks[0]->to - $alone->marks[0]->from, 'the year of its only tick');
        self::assertLessThan(0.05, $living->marks[0]->to);
        $years = array_column($living->years, 1);
        self::assertSame([1950, 2020], [$years[0] ?? 0, $years[count($years) - 1] ?? 0]);
        self::assertGreaterThan(0.9, $old->marks[0]->from, 'a death ends the life, whatever else could be');
    }

    public function test_an_event_of_the_family_says_whose_it_is(): void
    {
        $line = LifeStrip::draw([self::event('birth', '1732'), self::event('death', '1799')],
            [['Magnus', self::event('birth', '1760'), 'magnus']]);

        self::assertSame(['', 'magnus', ''], array_column($line->marks, 'personId'));
    }

    private static function event(string $kind, string $date): Event
    {
        return new Event("{$kind} {$date}", $kind, '', '', GenDate::parse($date), '', false, []);
    }
}
