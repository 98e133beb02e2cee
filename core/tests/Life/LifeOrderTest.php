<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Life;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Life\LifeOrder;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Sex;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\UnknownEventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LifeOrderTest extends TestCase
{
    public function test_a_life_is_told_in_order(): void
    {
        $events = array_map(self::event(...), [
            ['burial', 'May 1799'], ['occupation', ''], ['death', '3 May 1799'], ['marriage', '1758'], ['baptism', ''],
            ['birth', '10 Feb 1731/2'], ['probate', ''],
        ]);

        self::assertSame(['baptism', 'birth', 'marriage', 'death', 'burial', 'occupation', 'probate'],
            array_column(LifeOrder::sorted($events), 'kind'));
    }

    /** @param  list<array{string, string}>  $told */
    #[DataProvider('years')]
    public function test_years(array $told, string $shown): void
    {
        self::assertSame($shown, LifeYears::shown(new Person('p', 1, Sex::Unknown, [], array_map(self::event(...), $told))));
    }

    /** @return iterable<array{list<array{string, string}>, string}> */
    public static function years(): iterable
    {
        yield [[['birth', '10 Feb 1731/2'], ['death', '3 May 1799']], '1732–1799'];
        yield [[['birth', '1891']], 'b. 1891'];
        yield [[['death', '1950']], 'd. 1950'];
        yield [[['birth', '1820'], ['death', '']], '1820–?'];
        yield [[['baptism', '1820'], ['burial', 'abt 1890']], 'chr. 1820–c. 1890'];
        yield [[['baptism', '1820']], 'chr. 1820'];
        yield [[['birth', 'bef 1850'], ['death', 'aft 1881']], 'before 1850–after 1881'];
        yield [[], ''];
    }

    public function test_the_first_in_hand_order_leads_and_what_did_not_happen_never_does(): void
    {
        $denied = new Event('d', 'death', '', '', GenDate::parse('1880'), '', true, []);
        $person = new Person('p', 1, Sex::Unknown, [], [$denied, self::event(['death', '1889']), self::event(['death', '1890'])]);

        self::assertSame('1889', $person->leading('death')?->date->typed);
        self::assertSame('No Death', $denied->word());
    }

    public function test_every_kind_of_event_has_one_tag_of_its_own_for_each_owner(): void
    {
        foreach (EventKinds::all() as $kind) {
            foreach ([true, false] as $ofUnion) {
                if ($ofUnion ? $kind->ofUnion : $kind->ofPerson) {
                    self::assertSame($kind, EventKinds::forTag($kind->tag, $ofUnion));
                }
            }
        }
        $this->expectException(UnknownEventKind::class);
        EventKinds::named('abduction');
    }

    public function test_who_stands_above_whom(): void
    {
        $isles = (new Isles)->person('a', 'Magnus Tarrel h')->person('b', 'Ewan Tarrel h')->person('c', 'Jean Tarrel w')
            ->person('x', 'Tam Maddern h')
            ->union('u1', ['a'], ['b'])->union('u2', ['b'], ['c']);
        $kin = FamilyGraph::of([], [], $isles->tree());

        self::assertTrue($kin->isAbove('a', 'c'));
        self::assertFalse($kin->isAbove('c', 'a'));
        self::assertFalse($kin->isAbove('a', 'a'));
        self::assertFalse($kin->isAbove('x', 'c'));
    }

    /** @param  array{string, string}  $told */
    private static function event(array $told): Event
    {
        return new Event(implode(' ', $told), $told[0], '', '', GenDate::parse($told[1]), '', false, []);
    }
}
