<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\FactComparison;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a record tells against what is there: for every standing, with a day, without one, after a death. */
final class FactComparisonTest extends TestCase
{
    /**
     * What is told, as "kind | date | place | value"; what is there likewise with its standing; the state, and which fact
     * it is said of.
     */
    private const TOLD = [
        // Nothing is there.
        ['birth | 3 May 1818', [], 'new', ''],
        ['residence | 1881 | Hask', [], 'new', ''],
        ['birth | | Hask', [], 'new', ''],
        // Of what happens once.
        ['birth | 3 May 1818', ['birth | 3 May 1818'], 'agrees', '0'],
        ['birth | 1818', ['birth | 3 May 1818'], 'agrees', '0'],
        ['birth | abt 1820', ['birth | 3 May 1818'], 'agrees', '0'],
        ['birth | abt 1825', ['birth | 3 May 1818'], 'strains', '0'],
        ['birth | 1817', ['birth | 3 May 1818'], 'contradicts', '0'],
        ['birth | 4 May 1818', ['birth | 3 May 1818'], 'contradicts', '0'],
        ['birth | 3 May 1818 | Hask', ['birth | 3 May 1818 | Hask'], 'agrees', '0'],
        ['birth | 3 May 1818 | Pellmouth', ['birth | 3 May 1818 | Hask'], 'strains', '0'],
        ['birth | | Pellmouth', ['birth | 3 May 1818 | Hask'], 'strains', '0'],
        ['birth | | Hask', ['birth | 3 May 1818 | Hask'], 'agrees', '0'],
        // It is filled up where it lacks a day or a place.
        ['birth | 3 May 1818', ['birth | | Hask'], 'new', '0'],
        ['birth | 3 May 1818 | Hask', ['birth | 1818'], 'new', '0'],
        ['birth | | Hask', ['birth | 1818'], 'new', '0'],
        // A rival that says the same is agreed with; what leads is not.
        ['birth | 1817', ['birth | 3 May 1818 | | | accepted', 'birth | 1817 | | | rival'], 'agrees', '1'],
        ['birth | 1816', ['birth | 3 May 1818 | | | accepted', 'birth | 1817 | | | rival'], 'contradicts', '0'],
        ['birth | 1816', ['birth | 1816 | | | rival', 'birth | 3 May 1818 | | | accepted'], 'agrees', '0'],
        // What was ruled out is no support, and says so again.
        ['birth | 1817', ['birth | 3 May 1818 | | | accepted', 'birth | 1817 | | | ruled out'], 'repeats', '1'],
        ['birth | 1817', ['birth | 1817 | | | ruled out'], 'repeats', '0'],
        ['birth | 3 May 1818', ['birth | 3 May 1818 | | | accepted', 'birth | May 1818 | | | ruled out'], 'agrees', '0'],
        ['birth | 1850', ['birth | 1817 | | | ruled out'], 'new', ''],
        ['birth | 1850', ['birth | 3 May 1818 | | | accepted', 'birth | 1817 | | | ruled out'], 'contradicts', '0'],
        // What is denied is nothing to compare with.
        ['birth | 1817', ['birth | 1817 | | | denied'], 'new', ''],
        // Of what happens often.
        ['residence | 1881 | Hask', ['residence | 1881 | Hask'], 'agrees', '0'],
        ['residence | 3 Apr 1881 | Hask', ['residence | 1881 | Hask'], 'agrees', '0'],
        ['residence | 1881 | Hask', ['residence | 1871 | Hask'], 'new', ''],
        ['residence | 1881 | Hask', ['residence | 1881 | Pellmouth'], 'new', ''],
        ['residence | 1881', ['residence | 1881 | Pellmouth'], 'agrees', '0'],
        ['occupation | 1881 | | keeper', ['occupation | 1881 | | keeper'], 'agrees', '0'],
        ['occupation | 1881 | | Keeper', ['occupation | 1881 | | keeper'], 'agrees', '0'],
        ['occupation | 1881 | | keeper', ['occupation | 1881 | | fowler'], 'new', ''],
        ['occupation | 1881 | | keeper', ['occupation | | | keeper'], 'agrees', '0'],
        ['occupation | 1881 | | keeper', ['occupation | from 1870 to 1890 | | keeper'], 'agrees', '0'],
        ['occupation | 1881 | | keeper', ['occupation | 1881 | | keeper | ruled out'], 'repeats', '0'],
        ['occupation | 1881 | | keeper', ['occupation | 1881 | | fowler | ruled out'], 'new', ''],
        ['occupation | 1881 | | keeper', ['occupation | 1881 | | keeper | denied'], 'new', ''],
        // After a death.
        ['residence | 1911 | Hask', ['death | 1903'], 'contradicts', ''],
        ['census | 2 Apr 1911', ['death | 2 Apr 1911'], 'new', ''],
        ['census | 2 Apr 1911', ['death | 1 Apr 1911'], 'contradicts', ''],
        ['census | 2 Apr 1911', ['death | 1 Apr 1911 | | | ruled out'], 'new', ''],
        ['census | 2 Apr 1911', ['death | 1 Apr 1911 | | | rival'], 'new', ''],
        ['burial | 1911', ['death | 1903'], 'new', ''],
        ['birth | 1911', ['death | 1903'], 'new', ''],
        // Of a couple.
        ['marriage | 1845', ['marriage | 4 May 1845'], 'agrees', '0'],
        ['marriage | 4 May 1845', ['marriage | 1845 | | | ruled out'], 'repeats', '0'],
        ['marriage | 1846', ['marriage | 4 May 1845'], 'contradicts', '0'],
        ['marriage | 4 May 1845', ['marriage | | Kirkhaven'], 'new', '0'],
    ];

    /** @return iterable<string, array{string, list<string>, string, string}> */
    public static function told(): iterable
    {
        foreach (self::TOLD as $row) {
            yield $row[0].' against '.(implode(' and ', $row[1]) ?: 'nothing') => $row;
        }
    }

    /** @param  list<string>  $there */
    #[DataProvider('told')]
    public function test_what_is_told_against_what_is_there(string $told, array $there, string $state, string $factId): void
    {
        [$kind, $date, $place, $value] = self::parts($told);
        $events = [];
        foreach ($there as $at => $said) {
            [$itsKind, $itsDate, $itsPlace, $itsValue, $standing] = self::parts($said);
            $events[] = new Event((string) $at, $itsKind, '', $itsValue, GenDate::parse($itsDate), $itsPlace, $standing === 'denied', [],
                Standing::tryFrom($standing) ?? Standing::Unweighed);
        }
        $found = FactComparison::standing(Assertion::ofPerson('line', $kind, GenDate::parse($date), $place, $value, $told), $events,
            static fn (string $id): string => "it was number {$id}.");

        self::assertSame($state, $found->repeatsRuledOut ? 'repeats' : $found->state->value, $found->ground);
        self::assertSame($factId, $found->factId, $found->ground);
        if ($found->repeatsRuledOut) {
            self::assertStringEndsWith("because: it was number {$factId}.", $found->ground);
        }
    }

    /** @return iterable<string, array{string, string, string}> age told, known birth, state */
    public static function ages(): iterable
    {
        yield 'within two years' => ['aged 24 on 2 Apr 1911', '1886', 'agrees'];
        yield 'five years off' => ['aged 24 on 2 Apr 1911', '1881', 'strains'];
        yield 'fourteen years off' => ['aged 24 on 2 Apr 1911', '1872', 'strains'];
        yield 'sixteen years off' => ['aged 24 on 2 Apr 1911', '1869', 'contradicts'];
        yield 'fifty-eight years off' => ['aged 24 on 2 Apr 1911', '1828', 'contradicts'];
        yield 'too young by as much' => ['aged 70 on 2 Apr 1911', '1860', 'contradicts'];
    }

    #[DataProvider('ages')]
    public function test_an_age_errs_by_years_and_not_by_a_generation(string $age, string $birth, string $state): void
    {
        $assertion = Assertion::ofPerson('line', 'birth', GenDate::parse($age), '', '', $age)->bySum('age', 'a sum');
        $found = FactComparison::standing($assertion, [new Event('b', 'birth', '', '', GenDate::parse($birth), '', false, [])],
            static fn (): string => '');
        self::assertSame($state, $found->state->value, $found->ground);
    }

    /** @return array{string, string, string, string, string} */
    private static function parts(string $said): array
    {
        $parts = array_map(trim(...), explode('|', $said));

        return [$parts[0], $parts[1] ?? '', $parts[2] ?? '', $parts[3] ?? '', $parts[4] ?? ''];
    }
}
