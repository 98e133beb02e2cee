<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Narrative;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Narrative\PatternProblem;
use NorthBough\Core\Narrative\SentencePattern;
use NorthBough\Core\Narrative\Teller;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\CustomEventKind;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a sentence says of each kind of event and of each kind of date; every one was read by eye. */
final class SentencesTest extends TestCase
{
    #[DataProvider('dates')]
    public function test_a_date_of_any_kind_stands_in_a_sentence(string $kind, string $sex, string $date, string $place, string $value,
        string $sentence): void
    {
        self::assertSame($sentence, self::told($kind, $sex, $date, $place, $value, ''));
    }

    #[DataProvider('kinds')]
    public function test_each_kind_tells_itself(string $kind, string $sex, string $date, string $place, string $value, string $words,
        string $sentence): void
    {
        self::assertSame($sentence, self::told($kind, $sex, $date, $place, $value, $words));
    }

    public function test_no_kind_is_left_out_of_the_list(): void
    {
        self::assertSame([], array_diff(array_keys(EventKinds::all()), array_column(iterator_to_array(self::kinds(), false), 0)));
    }

    public function test_what_did_not_happen_is_told_as_that(): void
    {
        self::assertSame('She was never baptised.', self::told('baptism', 'F', '', '', '', '', denied: true));
        self::assertSame('He never married Ailie Drum.', self::told('marriage', 'M', '', '', '', '', denied: true));
        self::assertSame('As far as is known there was no census.', self::told('census', 'M', '', '', '', '', denied: true));
    }

    public function test_an_age_is_told_as_exactly_as_the_days_tell_it(): void
    {
        $died = static fn (string $born, string $then): string => self::told('death', 'M', $then, '', '', '', born: $born);

        self::assertSame('He died on 5 May 1862, aged 60.', $died('1 May 1802', '5 May 1862'));
        self::assertSame('He died in 1862, aged 59 or 60.', $died('1 May 1802', '1862'));
        self::assertSame('He died in 1862, aged about 60.', $died('about 1802', '1862'));
        self::assertSame('He died before 1862.', $died('1790s', 'before 1862'));
    }

    public function test_a_sentence_of_one_s_own_kind_leaves_out_what_is_not_known(): void
    {
        $of = static fn (string $pattern): CustomEventKind => new CustomEventKind([], false, $pattern);
        $pattern = '{he} was wrecked[ aboard {value}][ off {place}][ {when}]';

        self::assertSame('He was wrecked aboard the Grey off Hask in 1802.',
            self::told('event', 'M', '1802', 'Hask', 'the Grey', 'Shipwreck', custom: $of($pattern)));
        self::assertSame('He was wrecked.', self::told('event', 'M', '', '', '', 'Shipwreck', custom: $of($pattern)));
        self::assertSame('', self::told('event', 'M', '', '', '', 'Shipwreck', custom: $of('{he} lost {value}')));
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrongPatterns(): iterable
    {
        yield 'a bracket that stays open' => ['{he} was wrecked[ {when}', 'A bracket in the sentence is not closed'];
        yield 'one within another' => ['{he} was[ wrecked[ {when}]]', 'A bracket in the sentence is not closed'];
        yield 'a field that there is not' => ['{he} met {whom}', 'The sentence names {whom}. It can name {he}'];
    }

    #[DataProvider('wrongPatterns')]
    public function test_a_sentence_that_cannot_be_read_says_why(string $pattern, string $says): void
    {
        $this->expectException(PatternProblem::class);
        $this->expectExceptionMessage($says);

        SentencePattern::parse($pattern);
    }

    /** @return iterable<int, array{string, string, string, string, string, string}> kind, sex, date, place, value, sentence */
    public static function dates(): iterable
    {
        yield ['birth', 'M', '14 June 1891', 'Tolsay, Marren Isles', '', 'He was born on 14 June 1891 in Tolsay, Marren Isles.'];
        yield ['birth', 'F', '6/14/1891', 'Hask', '', 'She was born on 14 June 1891 in Hask.'];
        yield ['birth', 'M', '3/4/1902', '', '', 'He was born on 3 April 1902 or 4 March 1902.'];
        yield ['birth', 'F', 'Jun 1891', '', '', 'She was born in June 1891.'];
        yield ['birth', 'M', '1891', 'Hask, Marren Isles', '', 'He was born in 1891 in Hask, Marren Isles.'];
        yield ['birth', 'F', 'c. 1850', '', '', 'She was born about 1850.'];
        yield ['birth', 'M', 'abt Jun 1891', 'Hask', '', 'He was born about June 1891 in Hask.'];
        yield ['birth', 'F', 'est 1850', 'Hask', '', 'She was born about 1850 (estimated) in Hask.'];
        yield ['birth', 'M', 'calc 1850', '', '', 'He was born in 1850 (calculated).'];
        yield ['birth', 'F', 'bef 1850', '', '', 'She was born before 1850.'];
        yield ['birth', 'M', 'by 1850', '', '', 'He was born in or before 1850.'];
        yield ['birth', 'F', 'by 3 May 1850', 'Hask', '', 'She was born on or before 3 May 1850 in Hask.'];
        yield ['birth', 'M', 'aft 1850', '', '', 'He was born after 1850.'];
        yield ['birth', 'F', 'since 1850', '', '', 'She was born in or after 1850.'];
        yield ['birth', 'M', 'bet 1850 and 1855', 'Hask', '', 'He was born between 1850 and 1855 in Hask.'];
        yield ['birth', 'F', '1850-1855', '', '', 'She was born between 1850 and 1855.'];
        yield ['birth', 'M', '1850s', '', '', 'He was born in the 1850s.'];
        yield ['birth', 'F', 'early 1850s', '', '', 'She was born in the early 1850s.'];
        yield ['birth', 'M', 'Q2 1891', 'Kirkhaven', '', 'He was born in the second quarter of 1891 in Kirkhaven.'];
        yield ['birth', 'F', 'spring 1891', '', '', 'She was born in the spring of 1891.'];
        yield ['birth', 'M', 'winter 1891', '', '', 'He was born in the winter of 1891/92.'];
        yield ['birth', 'F', '11 Feb 1731/2', 'Hask', '', 'She was born on 11 February 1731/2 in Hask.'];
        yield ['birth', 'M', '1731/2', '', '', 'He was born in 1731 or 1732.'];
        yield ['birth', 'F', '3rd mo 1701', '', '', 'She was born in May 1701.'];
        yield ['birth', 'M', '7ber 1690', '', '', 'He was born in September 1690.'];
        yield ['birth', 'F', 'Lady Day 1802', 'Hask', '', 'She was born on Lady Day, 25 March 1802 in Hask.'];
        yield ['birth', 'M', 'Easter Monday 1901', '', '', 'He was born on Easter Monday, 8 April 1901.'];
        yield ['birth', 'F', '44 BCE', '', '', 'She was born in 44 BCE.'];
        yield ['birth', 'M', 'about harvest', 'Hask', '', 'He was born “about harvest” in Hask.'];
        yield ['birth', 'F', '14 Jun', '', '', 'She was born “14 Jun”.'];
        yield ['birth', 'M', '13 Vendémiaire 3', '', '', 'He was born on 13 Vendémiaire an III.'];
        yield ['birth', 'U', '1891', 'Hask', '', 'Robin was born in 1891 in Hask.'];
        yield ['birth', 'X', '1891', '', '', 'Robin was born in 1891.'];
        yield ['birth', 'M', '', '', '', ''];
        yield ['birth', 'M', '', 'Hask', '', 'He was born in Hask.'];
        yield ['residence', 'F', 'from 1720 to 1755', 'Hask', '', 'She lived in Hask from 1720 to 1755.'];
        yield ['residence', 'M', 'from 1850', 'Hask', '', 'He lived in Hask from 1850.'];
        yield ['residence', 'F', 'to 1850', 'Hask', '', 'She lived in Hask until 1850.'];
        yield ['residence', 'M', '1881', 'Kelp Street, Kirkhaven', '', 'He lived at Kelp Street, Kirkhaven, in 1881.'];
        yield ['residence', 'F', '1881', 'Kirkhaven', '12 Kelp Street', 'She lived at 12 Kelp Street in Kirkhaven in 1881.'];
        yield ['residence', 'M', '', '', '', ''];
        yield ['occupation', 'M', 'from 1720 to 1755', 'Gannet Stair, Hask', 'fowler and crofter',
            'He was a fowler and crofter at Gannet Stair, Hask, from 1720 to 1755.'];
        yield ['occupation', 'M', '1841', '', 'Light keeper', 'He was a light keeper in 1841.'];
        yield ['occupation', 'F', '1881', '', 'Ag. Lab.', 'She was recorded as “Ag. Lab.” in 1881.'];
        yield ['occupation', 'F', '1881', '', 'assistant teacher', 'She was an assistant teacher in 1881.'];
        yield ['occupation', 'M', '1881', '', 'own means', 'He was recorded as “own means” in 1881.'];
        yield ['occupation', 'M', '1881', '', '', ''];
        yield ['occupation', 'F', '1851', '', 'wife of a fowler', 'She was recorded as “wife of a fowler” in 1851.'];
        yield ['census', 'F', '7 June 1841', 'Hask Light, Hask', '', 'She was counted in a census at Hask Light, Hask, on 7 June 1841.'];
        yield ['baptism', 'M', '14 Feb 1731/2', 'St Osmund, Tolsay', '', 'He was baptised at St Osmund, Tolsay, on 14 February 1731/2.'];
        yield ['christening', 'F', '2 May 1760', 'Kirkhaven', '', 'She was christened on 2 May 1760 in Kirkhaven.'];
        yield ['baptism', 'U', '', '', '', 'Robin was baptised.'];
    }

    /** @return iterable<int, array{string, string, string, string, string, string, string}> kind, sex, date, place, value, words,
        sentence */
    public static function kinds(): iterable
    {
        yield ['birth', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '', 'She was born on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['baptism', 'F', '1 May 1802', 'St Osmund, Tolsay', '', '', 'She was baptised at St Osmund, Tolsay, on 1 May 1802.'];
        yield ['christening', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was christened on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['death', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '', 'She died on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['burial', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '', 'She was buried on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['cremation', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was cremated on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['residence', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'the Old Manse', '',
            'She lived at the Old Manse in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['occupation', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'cooper', '',
            'She was a cooper in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['census', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was counted in a census in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['emigration', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She emigrated from Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['immigration', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She immigrated to Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['naturalisation', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was naturalised in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['education', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'parish school', '',
            'She was educated (parish school) in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['graduation', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She graduated in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['religion', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'Quaker', '', 'Her religion was given as Quaker on 1 May 1802.'];
        yield ['nationality', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'Aldanish', '',
            'Her nationality was given as Aldanish on 1 May 1802.'];
        yield ['title', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'Provost of Kirkhaven', '',
            'She bore the title Provost of Kirkhaven on 1 May 1802.'];
        yield ['description', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'tall and fair', '',
            'She was described as “tall and fair” on 1 May 1802.'];
        yield ['property', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'two crofts', '',
            'She held property in Kirkhaven, Great Marren, on 1 May 1802: two crofts.'];
        yield ['caste', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'Fowlers', '', 'Her caste was given as Fowlers on 1 May 1802.'];
        yield ['number', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '47', '', 'She was entered under the number 47 on 1 May 1802.'];
        yield ['social_number', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '12-34', '', 'She had the social security number 12-34.'];
        yield ['marriage_count', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '2', '',
            'The number of her marriages was given as 2 on 1 May 1802.'];
        yield ['child_count', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '9', '',
            'The number of her children was given as 9 on 1 May 1802.'];
        yield ['retirement', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She retired in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['will', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '', 'She made a will on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['probate', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'Probate was granted on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['adoption', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was adopted on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['adult_christening', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was christened as an adult on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['confirmation', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was confirmed in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['first_communion', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She took first communion in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['blessing', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was blessed in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['ordination', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She was ordained in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['bar_mitzvah', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She became bar mitzvah in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['bas_mitzvah', 'F', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'She became bas mitzvah in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['marriage', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'He married Ailie Drum on 1 May 1802 in Kirkhaven, Great Marren.'];
        yield ['banns', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'The banns of his marriage to Ailie Drum were called in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['licence', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'A licence for his marriage to Ailie Drum was issued in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['contract', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'A contract of his marriage to Ailie Drum was signed in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['settlement', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'A settlement was made for his marriage to Ailie Drum in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['engagement', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'He became engaged to Ailie Drum in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['divorce', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'His marriage to Ailie Drum ended in divorce in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['divorce_filed', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'A divorce from Ailie Drum was asked for in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['annulment', 'M', '1 May 1802', 'Kirkhaven, Great Marren', '', '',
            'His marriage to Ailie Drum was annulled in Kirkhaven, Great Marren, on 1 May 1802.'];
        yield ['event', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'of the brig Grey', 'Shipwreck',
            'There is a record of her shipwreck in Kirkhaven, Great Marren, on 1 May 1802: of the brig Grey.'];
        yield ['fact', 'F', '1 May 1802', 'Kirkhaven, Great Marren', 'grey', 'Eye colour',
            'There is a record of her eye colour in Kirkhaven, Great Marren, on 1 May 1802: grey.'];
    }

    private static function told(string $kind, string $sex, string $date, string $place, string $value, string $words, bool $denied = false,
        string $born = '', ?CustomEventKind $custom = null): string
    {
        $event = new Event('e', $kind, $words, $value, GenDate::parse($date), $place, $denied, [],
            custom: $custom ?? CustomEventKind::plain());
        $birth = $born === '' ? [] : [new Event('b', 'birth', '', '', GenDate::parse($born), '', false, [])];
        $person = new Person('p', 1, Sex::from($sex), [new Name('n', NameKind::Birth, PersonalName::parse('Robin Osk'))], $birth);
        $partner = EventKinds::named($kind)->ofPerson ? [] : [StyledWords::plain('Ailie Drum')];

        return StyledWords::textOf(Teller::sentence((new Teller)->clause($event, $person, [StyledWords::plain(Teller::pronoun($person)
            ->subject)],
            $partner)));
    }
}
