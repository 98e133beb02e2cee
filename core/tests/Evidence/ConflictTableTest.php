<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\Conflicts;
use NorthBough\Core\Evidence\Conflict\ConflictSubject;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tests\Place\Marren;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sets of claims with what must be found in each, reckoned by hand from the rules of evidence. Half of them only look like conflicts. */
final class ConflictTableTest extends TestCase
{
    private const ISLES = 'Great Marren, Marren Isles';

    /**
     * A fact a line: its kind, its date, its place, its standing; a kind after "no" was denied, one after "couple" is of a union.
     *
     * @return iterable<string, array{list<list<string>>, string}> facts, what is found
     */
    public static function facts(): iterable
    {
        // One value, told twice. Hard edges contradict.
        yield 'two birth years' => [[['birth', '1817'], ['birth', '1818']], 'contradicts birth'];
        yield 'two days of birth' => [[['birth', '3 May 1818'], ['birth', '4 May 1818']], 'contradicts birth'];
        yield 'two months of death' => [[['death', 'Oct 1790'], ['death', 'Nov 1790']], 'contradicts death'];
        yield 'a day outside the year' => [[['death', '1889'], ['death', '2 Jan 1890']], 'contradicts death'];
        yield 'before a year that is told' => [[['birth', 'before 1818'], ['birth', '1818']], 'contradicts birth'];
        yield 'after a day that is told' => [[['death', 'after 3 May 1799'], ['death', '3 May 1799']], 'contradicts death'];
        yield 'between two years, and a third' => [[['birth', 'between 1817 and 1819'], ['birth', '1820']], 'contradicts birth'];
        yield 'three births, one apart' => [[['birth', '1818'], ['birth', 'May 1818'], ['birth', '1821']], 'contradicts birth'];
        yield 'an accepted one and one that nobody weighed' => [[['birth', '1817', '', 'accepted'], ['birth', '1818']],
            'contradicts birth'];
        yield 'a rival of what nobody weighed' => [[['birth', '1817'], ['birth', '1818', '', 'rival']], 'contradicts birth'];
        yield 'two that are both accepted' => [[['death', '1866', '', 'accepted'], ['death', '1867', '', 'accepted']], 'contradicts death'];
        yield 'died on two islands' => [[['death', '1866', 'Hask'], ['death', '1866', 'Slatequay, '.self::ISLES]], 'contradicts death'];
        yield 'born on two islands, no year' => [[['birth', '', 'Tolsay'], ['birth', '', 'Kirkhaven']], 'contradicts birth'];
        yield 'a month or a day, neither of which is told' => [[['death', '3/4/1902'], ['death', '5 May 1902']], 'contradicts death'];
        yield 'an old year, and the year after the next' => [[['birth', '10 Feb 1731/2'], ['birth', '10 Feb 1733']], 'contradicts birth'];
        yield 'a quarter, and a day after it' => [[['death', 'Q2 1891'], ['death', '4 July 1891']], 'contradicts death'];
        yield 'a birth before the year began' => [[['birth', '1818', 'Hask'], ['birth', '31 Dec 1817', 'Hask']], 'contradicts birth'];
        yield 'by a day, and the day after' => [[['death', 'by 3 May 1799'], ['death', '4 May 1799']], 'contradicts death'];

        // What has many values disagrees only when nobody could be in both on one day.
        yield 'two censuses on one night' => [[['census', '2 Apr 1881', 'Hask'], ['census', '2 Apr 1881', 'Slatequay, '.self::ISLES]],
            'contradicts presence'];
        yield 'wed in one place and counted in another that day' => [
            [['couple marriage', '2 Apr 1881', 'Kirkhaven'], ['census', '2 Apr 1881', 'Hask']], 'contradicts presence'];
        yield 'landed overseas on the day of the census' => [
            [['immigration', '31 Mar 1901', 'Pellmouth'], ['census', '31 Mar 1901', 'Hask']], 'contradicts presence'];
        yield 'baptised twice on one day, far apart' => [[['baptism', '4 June 1790', 'Hask'], ['baptism', '4 June 1790', 'Pellmouth']],
            'contradicts presence'];
        yield 'died elsewhere on the day of the census' => [[['death', '2 Apr 1881', 'Pellmouth'], ['census', '2 Apr 1881', 'Hask']],
            'contradicts presence'];
        yield 'lived in two places on one day' => [[['residence', '4 May 1861', 'Hask'], ['residence', '4 May 1861', 'Pellmouth']],
            'contradicts presence'];

        // It did not happen is a fact too.
        yield 'never wed, and wed' => [[['no marriage', ''], ['couple marriage', '1845']], 'contradicts marriage'];
        yield 'never baptised, and baptised' => [[['no baptism', ''], ['baptism', '1818']], 'contradicts baptism'];
        yield 'not wed by 1881, and wed in 1875' => [[['no marriage', 'by 1881'], ['couple marriage', '1875']], 'contradicts marriage'];

        // Soft edges strain: they are shown, and open no question.
        yield 'about a year, and three years off' => [[['birth', 'abt 1850'], ['birth', '1853']], 'strains birth'];
        yield 'estimated, and seven years off' => [[['birth', 'est 1850'], ['birth', '1857']], 'strains birth'];
        yield 'told ages of two censuses' => [[['birth', 'aged 24 on 1 June 1900'], ['birth', 'aged 50 on 1 June 1910']], 'strains birth'];
        yield 'a told age beside a register' => [[['birth', '3 May 1818'], ['birth', 'aged 80 on 22 Nov 1889']], 'strains birth'];
        yield 'calculated, and two years off' => [[['birth', 'calc 1850'], ['birth', '1852']], 'strains birth'];
        yield 'a place that the gazetteer does not know' => [[['birth', '1850', 'Hask'], ['birth', '1850', 'Nowhere Mill, Elsewhere']],
            'strains birth'];

        // These only look like conflicts.
        yield 'baptised long after birth' => [[['birth', '1818'], ['baptism', '1821']], 'none'];
        yield 'buried after death' => [[['death', '3 May 1799'], ['burial', '6 May 1799']], 'none'];
        yield 'probate years later' => [[['death', '1866'], ['probate', '1869']], 'none'];
        yield 'a burial in another month than the death' => [[['death', '30 Apr 1799'], ['burial', '2 May 1799']], 'none'];
        yield 'a year and a day in it' => [[['birth', '1818'], ['birth', '3 May 1818']], 'none'];
        yield 'a month and a day in it' => [[['death', 'Nov 1889'], ['death', '22 Nov 1889']], 'none'];
        yield 'about, and within the allowance' => [[['birth', 'abt 1850'], ['birth', '1852']], 'none'];
        yield 'estimated, and within the allowance' => [[['birth', 'est 1850'], ['birth', '1855']], 'none'];
        yield 'before, and a day before' => [[['death', 'before 1800'], ['death', '3 May 1799']], 'none'];
        yield 'by a day, and that day' => [[['death', 'by 3 May 1799'], ['death', '3 May 1799']], 'none'];
        yield 'between two years, and one of them' => [[['birth', 'between 1817 and 1819'], ['birth', '1818']], 'none'];
        yield 'day or month: one reading is told' => [[['death', '3/4/1902'], ['death', '4 Mar 1902']], 'none'];
        yield 'dual year, and the year alone' => [[['birth', '10 Feb 1731/2'], ['birth', '1732']], 'none'];
        yield 'a year that may be the old one: both readings stand' => [[['birth', '10 Feb 1731/2'], ['birth', '10 Feb 1731']], 'none'];
        yield 'a decade, and a year of it' => [[['birth', '1850s'], ['birth', '1857']], 'none'];
        yield 'two told ages that fit' => [[['birth', 'aged 24 on 1 June 1900'], ['birth', 'aged 33 on 1 June 1910']], 'none'];
        yield 'a told age beside a register, near enough' => [[['birth', '3 May 1818'], ['birth', 'aged 69 on 22 Nov 1889']], 'none'];
        yield 'a trade for years and another within them' => [[['occupation', 'from 1826 to 1858'], ['occupation', '1841']], 'none'];
        yield 'two trades in one year' => [[['occupation', '1841'], ['occupation', '1841']], 'none'];
        yield 'two residences in one year' => [[['residence', '1841', 'Hask'], ['residence', '1841', 'Slatequay, '.self::ISLES]], 'none'];
        yield 'lived in one place while in another for a day' => [
            [['residence', 'from 1850 to 1870', 'Hask'], ['census', '7 Apr 1861', 'Kirkhaven']], 'none'];
        yield 'of one place, wed in another that day' => [
            [['residence', '9 Oct 1845', 'Hask'], ['couple marriage', '9 Oct 1845', 'Kirkhaven']], 'none'];
        yield 'two baptisms in two years' => [[['baptism', '1790', 'Tolsay'], ['baptism', '1791', 'Kirkhaven']], 'none'];
        yield 'banns and wedding' => [[['couple banns', '3 Sep 1845', 'Tolsay'], ['couple marriage', '9 Oct 1845', 'Kirkhaven']], 'none'];
        yield 'a contract in another place on the day of the wedding' => [
            [['couple contract', '9 Oct 1845', 'Pellmouth'], ['couple marriage', '9 Oct 1845', 'Kirkhaven']], 'none'];
        yield 'two weddings' => [[['couple marriage', '1845'], ['couple marriage', '1860']], 'none'];
        yield 'a place inside the other' => [[['birth', '1847', 'Hask Light'], ['birth', '1847', 'Hask']], 'none'];
        yield 'a place by its full path and by its name' => [[['birth', '1847', 'Kirkhaven, '.self::ISLES], ['birth', '1847', 'Kirkhaven']],
            'none'];
        yield 'a place by an earlier name' => [[['birth', '1640', 'Kirkhamn'], ['birth', '1640', 'Kirkhaven']], 'none'];
        yield 'the church that served the place' => [[['birth', '1790', 'St Bregan'], ['birth', '1790', 'Kirkhaven']], 'none'];
        yield 'wed in church and counted at home in it that day' => [
            [['couple marriage', '2 Apr 1881', 'St Bregan'], ['census', '2 Apr 1881', 'Kirkhaven']], 'none'];
        yield 'one has no place' => [[['death', '1866', 'Hask'], ['death', '1866']], 'none'];
        yield 'one has no day' => [[['death', ''], ['death', '1866']], 'none'];
        yield 'words that are no date' => [[['birth', 'in the year of the wreck'], ['birth', '1818']], 'none'];
        yield 'a rival of what was accepted' => [[['birth', '1818', '', 'accepted'], ['birth', '1817', '', 'rival']], 'none'];
        yield 'one that was ruled out' => [[['birth', '1818'], ['birth', '1817', '', 'ruled out']], 'none'];
        yield 'two rivals of what was accepted' => [
            [['birth', '1818', '', 'accepted'], ['birth', '1817', '', 'rival'], ['birth', '1820', '', 'rival']], 'none'];
        yield 'not wed by 1881, and wed in 1890' => [[['no marriage', 'by 1881'], ['couple marriage', '1890']], 'none'];
        yield 'never wed, and betrothed' => [[['no marriage', ''], ['couple engagement', '1845']], 'none'];
        yield 'two censuses on one night in one house' => [[['census', '2 Apr 1881', 'Hask Light'], ['census', '2 Apr 1881', 'Hask']],
            'none'];
        yield 'left in one year and landed in the next' => [[['emigration', '1852', 'Tolsay'], ['immigration', '19 Feb 1853', 'Pellmouth']],
            'none'];
        yield 'left and landed in one year' => [[['emigration', '1853', 'Tolsay'], ['immigration', '1853', 'Pellmouth']], 'none'];
        yield 'a birth that lasted, as a file had it' => [[['birth', 'from 1817 to 1819'], ['birth', '1825']], 'none'];
    }

    /** @param  list<list<string>>  $facts */
    #[DataProvider('facts')]
    public function test_what_is_found(array $facts, string $found): void
    {
        $own = $shared = [];
        foreach ($facts as $at => $fact) {
            [$kind, $date, $place, $standing] = $fact + ['', '', '', 'unweighed'];
            [$how, $code] = str_contains($kind, ' ') ? explode(' ', $kind) : ['', $kind];
            $event = new Event("f{$at}", $code, '', '', GenDate::parse($date), $place, $how === 'no', [], Standing::from($standing));
            $how === 'couple' ? $shared[] = $event : $own[] = $event;
        }
        $unions = array_map(static fn (Event $event): Union => new Union("u{$event->id}", ['p', "s{$event->id}"], [$event], []), $shared);
        self::assertSame($found, self::said(new ConflictSubject(new Person('p', 1, Sex::Male, [], $own), $unions)));
    }

    public function test_the_table_is_large_enough_and_half_of_it_only_looks_like_conflicts(): void
    {
        $cases = [...iterator_to_array(self::facts()), ...iterator_to_array(self::ties())];
        $none = array_filter($cases, static fn (array $case): bool => end($case) === 'none');
        self::assertGreaterThanOrEqual(60, count($cases));
        self::assertGreaterThanOrEqual(count($cases) / 2, count($none));
    }

    /**
     * Parents, one of each line: set, sex, kind of tie, standing.
     *
     * @return iterable<string, array{list<list<string>>, string}>
     */
    public static function ties(): iterable
    {
        yield 'two mothers by birth' => [[['a', 'F', 'birth'], ['b', 'F', 'birth']], 'contradicts mother'];
        yield 'two fathers by birth' => [[['a', 'M', 'birth'], ['b', 'M', 'birth', 'rival']], 'contradicts father'];
        yield 'a father by birth and one by adoption' => [[['a', 'M', 'birth'], ['b', 'M', 'adoptive']], 'none'];
        yield 'foster parents beside those by birth' => [
            [['a', 'F', 'birth'], ['a', 'M', 'birth'], ['b', 'F', 'foster'], ['b', 'M', 'foster']], 'none'];
        yield 'recognised by the mother’s husband' => [[['a', 'M', 'birth'], ['b', 'M', 'recognised']], 'none'];
        yield 'a father whose rival was ruled out' => [[['a', 'M', 'birth'], ['b', 'M', 'birth', 'ruled out']], 'none'];
        yield 'a father who was accepted against another' => [[['a', 'M', 'birth', 'accepted'], ['b', 'M', 'birth', 'rival']], 'none'];
        yield 'one parent of unknown sex beside both' => [[['a', 'F', 'birth'], ['a', 'M', 'birth'], ['b', 'U', 'birth']], 'none'];
    }

    /** @param  list<list<string>>  $ties */
    #[DataProvider('ties')]
    public function test_what_is_found_of_parents(array $ties, string $found): void
    {
        $sets = $sexes = [];
        foreach ($ties as $at => $tie) {
            [$set, $sex, $kind, $standing] = $tie + ['', '', '', 'unweighed'];
            $sets[$set][] = new Parentage("q{$at}", ParentageKind::from($kind), Standing::from($standing));
            $sexes["q{$at}"] = Sex::from($sex);
        }
        $subject = new ConflictSubject(new Person('p', 1, Sex::Male, [], []), [],
            array_map(static fn (string $id, array $parents): ParentSet => new ParentSet($id, 'p', "u{$id}", true, $parents),
                array_keys($sets), $sets), $sexes);
        self::assertSame($found, self::said($subject));
    }

    public function test_names_and_unknown_sex_contradict_nothing_and_a_told_sex_may(): void
    {
        $names = [new Name('n', NameKind::Birth, PersonalName::parse('Isbel /Quillan/')),
            new Name('m', NameKind::Married, PersonalName::parse('Isbel /Maddern/'))];
        $isbel = new Person('p', 1, Sex::Female, $names, []);
        self::assertSame('none', self::said(new ConflictSubject($isbel, toldSex: ['c' => Sex::Unknown, 'd' => Sex::Female])));
        self::assertSame('contradicts sex', self::said(new ConflictSubject($isbel, toldSex: ['c' => Sex::Male])));
        self::assertSame('none', self::said(new ConflictSubject(new Person('p', 1, Sex::Unknown, [], []), toldSex: ['c' => Sex::Male])));
    }

    public function test_a_day_of_the_old_calendar_is_the_same_day(): void
    {
        $julian = DatingSetting::of(['calendar' => 'JULIAN', 'yearStart' => '25 March'])->over(DatingConvention::unknown());
        $event = static fn (string $id, GenDate $date): Event => new Event($id, 'birth', '', '', $date, '', false, []);
        self::assertSame('none',
            self::said(new ConflictSubject(
                new Person('p', 1, Sex::Male, [],
                    [$event('a', GenDate::parse('8 Nov 1740', $julian)), $event('b', GenDate::parse('19 Nov 1740'))]))));
    }

    public function test_a_conflict_names_what_disagrees_and_the_worst_comes_first(): void
    {
        $event = static fn (string $id, string $kind, string $date, string $place = ''): Event => new Event($id, $kind, '', '',
            GenDate::parse($date), $place, false, []);
        $found = Conflicts::of(new ConflictSubject(new Person('p', 1, Sex::Male, [], [
            $event('a', 'birth', 'abt 1850'), $event('b', 'birth', '1853'), $event('c', 'death', '1889'), $event('d', 'death', '1880'),
            $event('e', 'death', '1889'),
        ])), GazetteerPlaces::of(Marren::gazetteer()));
        self::assertSame([['death', ['c', 'd', 'e']], ['birth', ['a', 'b']]],
            array_map(static fn (Conflict $conflict): array => [$conflict->aspect, $conflict->ids], $found));
        self::assertStringContainsString('1889 and 1880', $found[0]->ground);
    }

    private static function said(ConflictSubject $subject): string
    {
        $found = Conflicts::of($subject, GazetteerPlaces::of(Marren::gazetteer()));

        return $found === [] ? 'none'
            : implode(', ', array_map(static fn (Conflict $conflict): string => "{$conflict->verdict->value} {$conflict->aspect}", $found));
    }
}
