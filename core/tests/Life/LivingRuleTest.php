<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Life;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Life\DeathYears;
use NorthBough\Core\Life\KinBirthBounds;
use NorthBough\Core\Life\LivingRule;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The day from which somebody counts as dead; the rules of Living, with 110 years from birth and 100 from an adult's event. */
final class LivingRuleTest extends TestCase
{
    /** @param  array<string, string>  $events */
    #[DataProvider('lives')]
    public function test_dead_from(array $events, ?string $deadFrom): void
    {
        $lifetime = LivingRule::of(self::events($events), KinBirthBounds::none(), false, DeathYears::usual());

        self::assertSame($deadFrom, $lifetime->deadFrom === 0 ? 'always' : IsoDay::orNull($lifetime->deadFrom));
    }

    /** @return iterable<string, array{array<string, string>, string|null}> */
    public static function lives(): iterable
    {
        yield 'nobody datable' => [[], null];
        yield 'a birth alone' => [['birth' => '14 Jun 1891'], '2001-06-15'];
        yield 'a year of birth counts from its end' => [['birth' => '1950'], '2061-01-01'];
        yield 'an estimate never unshields' => [['birth' => 'about 1850'], null];
        yield 'a bound does' => [['birth' => 'before 1850'], '1960-01-01'];
        yield 'a birth after a day says nothing of the latest' => [['birth' => 'after 1950'], null];
        yield 'a baptism bounds the birth' => [['baptism' => '1 Jan 1900'], '2010-01-02'];
        yield 'a census too' => [['census' => '6 Jun 1841'], '1951-06-07'];
        yield 'a death on a day' => [['birth' => '14 Jun 1991', 'death' => '3 May 2020'], '2020-05-03'];
        yield 'a death without a day' => [['birth' => '14 Jun 1991', 'death' => ''], 'always'];
        yield 'a burial' => [['burial' => '3 May 2020'], '2020-05-03'];
        yield 'probate' => [['probate' => '1 Mar 2021'], '2021-03-01'];
        yield 'an event that only an adult has' => [['marriage' => '2 Feb 1920'], '2020-02-03'];
        yield 'the nearer of two bounds' => [['birth' => '1 Jan 1905', 'marriage' => '2 Feb 1910'], '2010-02-03'];
        yield 'two readings count by the later' => [['birth' => '3/4/1902'], '2012-04-04'];
        yield 'a residence that lasted counts from its beginning' => [['residence' => 'from 1901 to 1990'], '2012-01-01'];
    }

    public function test_rival_and_denied_events_do_not_count(): void
    {
        $rival = new Event('d', 'death', '', '', GenDate::parse('3 May 2020'), '', false, [], Standing::Rival);
        $denied = new Event('m', 'marriage', '', '', GenDate::parse('1 Jan 1850'), '', true, []);

        self::assertNull(LivingRule::of([$rival, $denied], KinBirthBounds::none(), false, DeathYears::usual())->deadFrom);
    }

    public function test_kin_bound_a_birth(): void
    {
        $child = (int) GenDate::parse('1 Jan 1900')->span()?->latest;
        $parent = LivingRule::of([], KinBirthBounds::of([$child]), false, DeathYears::usual());
        self::assertSame('1900-01-01', IsoDay::orNull($parent->bornBy));
        // Whoever has a child was grown.
        self::assertSame('2000-01-02', IsoDay::orNull($parent->deadFrom));

        $ofDeadMother = LivingRule::of([], KinBirthBounds::of([], [$child]), false, DeathYears::usual());
        self::assertSame('2010-01-02', IsoDay::orNull($ofDeadMother->deadFrom));
    }

    /**
     * @param  array<string, string>  $events
     * @param  array{children?: list<string>, mothers?: list<string>, parents?: list<string>}  $kin birth days of children, death days of
     *     mothers, birth days of parents
     */
    #[DataProvider('wrongTies')]
    public function test_a_wrong_tie_unshields_nobody(array $events, array $kin, ?string $deadFrom): void
    {
        $latest = static fn (string $date): int => (int) GenDate::parse($date)->span()?->latest;
        $bounds = KinBirthBounds::of(array_map($latest, $kin['children'] ?? []), array_map($latest, $kin['mothers'] ?? []),
            array_map(static fn (string $date): int => (int) GenDate::parse($date)->span()?->earliest, $kin['parents'] ?? []));

        self::assertSame($deadFrom, IsoDay::orNull(LivingRule::of(self::events($events), $bounds, false, DeathYears::usual())->deadFrom));
    }

    /**
     * @return iterable<string, array{array<string, string>, array{children?: list<string>, mothers?: list<string>,
     *     parents?: list<string>}, string|null}>
     */
    public static function wrongTies(): iterable
    {
        yield 'born in 1990, a child of 1915 by a slip' => [['birth' => '5 May 1990'], ['children' => ['1915']], '2100-05-06'];
        yield 'born in 1990, of a mother who died in 1901' => [['birth' => '5 May 1990'], ['mothers' => ['1901']], '2100-05-06'];
        yield 'born in 1990, a wedding of 1910 on the wrong person' => [['birth' => '5 May 1990', 'marriage' => '1 Jan 1910'], [],
            '2100-05-06'];
        yield 'about 1990 is no certain birth, and contradicts all the same' => [['birth' => 'about 1990'], ['children' => ['1915']],
            '2103-01-01'];
        yield 'baptised in 1990, of a mother who died in 1901' => [['baptism' => '5 May 1990'], ['mothers' => ['1901']], '2100-05-06'];
        yield 'no birth, a child of 1915, a father born in 1950' => [[], ['children' => ['1915'], 'parents' => ['1950']], null];
        yield 'no birth, a child of 1890, and a residence of 2015' => [['residence' => '2015'], ['children' => ['1890']], null];
        yield 'two births of which nobody ruled: the later counts' => [['birth' => '1890', 'birth ' => '1990'], [], '2101-01-01'];
        yield 'kin still bound whoever has no birth' => [[], ['children' => ['1 Jan 1900'], 'parents' => ['1850']], '2000-01-02'];
        yield 'and whoever was born before a day' => [['birth' => 'before 1950'], ['children' => ['1 Jan 1900']], '2010-01-02'];
        yield 'an own birth of long ago stands against a slip' => [['birth' => '5 May 1850'], ['mothers' => ['1801']], '1960-05-06'];
    }

    public function test_the_accepted_of_two_births_counts(): void
    {
        $accepted = new Event('a', 'birth', '', '', GenDate::parse('1890'), '', false, [], Standing::Accepted);

        self::assertSame('2001-01-01',
            IsoDay::orNull(
                LivingRule::of([...self::events(['birth' => '1990']), $accepted], KinBirthBounds::none(), false, DeathYears::usual())
                    ->deadFrom));
    }

    public function test_an_editor_can_say_so_and_the_years_are_the_users(): void
    {
        self::assertSame(0, LivingRule::of([], KinBirthBounds::none(), true, DeathYears::usual())->deadFrom);
        self::assertSame('1991-06-15',
            IsoDay::orNull(LivingRule::of(self::events(['birth' => '14 Jun 1891']), KinBirthBounds::none(), false, DeathYears::of(100, 90))
                ->deadFrom));
    }

    public function test_died_by_is_certain_only(): void
    {
        self::assertSame('1850-05-03',
            IsoDay::orNull(LivingRule::diedBy(self::events(['death' => '3 May 1850', 'burial' => '6 May 1850']))));
        self::assertNull(LivingRule::diedBy(self::events(['death' => 'about 1850'])));
    }

    /**
     * @param  array<string, string>  $events
     * @return list<Event>
     */
    private static function events(array $events): array
    {
        $made = [];
        foreach ($events as $kind => $date) {
            $made[] = new Event($kind, trim($kind), '', '', GenDate::parse($date), '', false, []);
        }

        return $made;
    }
}
