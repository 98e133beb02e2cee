<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DateExplanation;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\SpanWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A day that was converted says so, where it is read and where it is reckoned from. */
final class ComputedDayTest extends TestCase
{
    /** @return iterable<string, array{string, string}> as typed; the line under the field */
    public static function typed(): iterable
    {
        yield 'a dual year' => ['10 Feb 1731/2', '10 Feb 1731/2 · 21 Feb 1732, new style'];
        yield 'named Julian' => ['@#DJULIAN@ 1 MAY 1740', '1 May 1740 · 12 May 1740, new style'];
        yield 'our own calendar' => ['10 Feb 1832', '10 Feb 1832'];
        yield 'an open side' => ['aft 10 Feb 1832', 'after 10 Feb 1832 · no earlier than 1832-02-11'];
        yield 'words' => ['when the kirk burned', 'kept as words; no day was understood'];
    }

    #[DataProvider('typed')]
    public function test_what_was_understood(string $typed, string $line): void
    {
        self::assertSame($line, DateExplanation::line(GenDate::parse($typed)));
    }

    /** @return iterable<string, array{string, string, string}> first day, last day, in words */
    public static function spans(): iterable
    {
        yield 'before the reform' => ['1732-02-21', '1733-03-01', '21 Feb 1732 to 1 Mar 1733, new style'];
        yield 'across it' => ['1732-02-21', '1833-03-01', '21 Feb 1732, new style, to 1 Mar 1833'];
        yield 'after it' => ['1832-02-21', '1833-03-01', '21 Feb 1832 to 1 Mar 1833'];
        yield 'one day' => ['1732-02-21', '1732-02-21', '21 Feb 1732, new style'];
        yield 'no first' => ['', '1732-02-21', 'by 21 Feb 1732, new style'];
        yield 'no last' => ['1732-02-21', '', 'from 21 Feb 1732 on, new style'];
        yield 'neither' => ['', '', 'any time'];
    }

    #[DataProvider('spans')]
    public function test_a_span_in_words(string $first, string $last, string $words): void
    {
        $day = static fn (string $iso): ?int => $iso === '' ? null : GenDate::parse($iso)->span()?->earliest;
        self::assertSame($words, SpanWords::of(DaySpan::between($day($first), $day($last))));
    }
}
