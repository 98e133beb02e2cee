<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\CandidateDate;
use NorthBough\Core\Evidence\CandidateDates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the marker can be set, and what each claim says to it there. */
final class CandidateDatesTest extends TestCase
{
    /**
     * @return iterable<string, array{list<string>, string, string}> what is told, a stop, what each claim says: fits,
     *     strains, contradicts, nothing
     */
    public static function stops(): iterable
    {
        yield 'on a day' => [['3 May 1818', '1817', 'aged 69 on 22 Nov 1889'], '3 May 1818', 'fcf'];
        yield 'on the year beside it' => [['3 May 1818', '1817', 'aged 69 on 22 Nov 1889'], '1817', 'cff'];
        yield 'on a month' => [['3 May 1818', '1817'], 'May 1818', 'fc'];
        yield 'on a year that nobody told' => [['1817', '1820'], '1818', 'cc'];
        yield 'on an edge that is an allowance' => [['abt 1817', '1820'], '1820', 'sf'];
        yield 'a phrase says nothing' => [['3 May 1818', 'when the kirk burned'], '3 May 1818', 'f.'];
    }

    /** @param  list<string>  $told */
    #[DataProvider('stops')]
    public function test_what_each_claim_says_to_a_stop(array $told, string $at, string $letters): void
    {
        $found = array_values(array_filter(self::of($told), static fn (CandidateDate $candidate): bool => $candidate->date->typed === $at));
        self::assertCount(1, $found);
        self::assertSame($letters, implode('', array_map(static fn (Verdict $verdict): string => match ($verdict) {
            Verdict::Same, Verdict::Fits => 'f',
            Verdict::Strains => 's',
            Verdict::Contradicts => 'c',
            Verdict::Incomparable => '.',
        }, $found[0]->verdicts)));
    }

    public function test_every_claim_has_its_own_stop_and_they_run_from_the_earliest_on(): void
    {
        $told = ['3 May 1818', '1817', 'abt 1820', 'May 1818', 'bef 1830'];
        $candidates = self::of($told);
        $typed = array_map(static fn (CandidateDate $candidate): string => $candidate->date->typed, $candidates);
        self::assertSame([], array_diff($told, $typed));
        self::assertSame($typed, array_unique($typed), 'none comes twice');
        $days = array_map(static fn (CandidateDate $candidate): int => $candidate->date->span()->earliest ?? PHP_INT_MIN, $candidates);
        $sorted = $days;
        sort($sorted);
        self::assertSame($sorted, $days);
    }

    public function test_far_apart_there_are_years_and_no_months_and_never_more_than_can_be_walked(): void
    {
        $months = static fn (array $candidates): int => count(array_filter($candidates,
            static fn (CandidateDate $candidate): bool => preg_match('/^[A-Z][a-z]{2} \d{4}$/', $candidate->date->typed) === 1));
        self::assertSame(12 * 5, $months(self::of(['1817', '1821'])));
        self::assertSame(0, $months(self::of(['1817', '1841'])));
        self::assertLessThan(130, count(self::of(['1500', '1900'])));
        self::assertSame([], self::of([]));
        self::assertSame([], self::of(['when the kirk burned']));
    }

    /**
     * @param  list<string>  $told
     * @return list<CandidateDate>
     */
    private static function of(array $told): array
    {
        return CandidateDates::among(array_map(GenDate::parse(...), $told));
    }
}
