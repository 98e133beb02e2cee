<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence\Casework;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Evidence\Casework\CaseState;
use NorthBough\Core\Evidence\Casework\CloseKin;
use NorthBough\Core\Evidence\Casework\LastSeen;
use NorthBough\Core\Evidence\Casework\PersonAtTime;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CaseworkTest extends TestCase
{
    /**
     * @return iterable<string, array{list<array{string, string, string}>, string, array{string, string, string}}> facts
     *     (kind, date, place), a time, and age, nearest place and what is not
     */
    public static function times(): iterable
    {
        $hezzy = [['birth', 'abt 1820', 'Tolsay'], ['residence', '1851', 'Little Orran'],
            ['census', '7 Apr 1861', 'Little Orran, Marren Isles'], ['death', '6 Dec 1889', 'Pellmouth']];

        yield 'in a census year' => [$hezzy, '1861', ['38–43', 'Little Orran, Marren Isles', '']];
        yield 'between two' => [$hezzy, '1853', ['30–35', 'Little Orran', '']];
        yield 'before birth' => [$hezzy, '1810', ['', '', 'not born yet']];
        yield 'after death' => [$hezzy, '1891', ['', '', 'dead by then']];
        yield 'where they died is not where they lived' => [$hezzy, '1888', ['65–70', '', '']];
        yield 'a place of many years ago is none' => [[['birth', '1800', 'Tolsay']], '1841', ['40–41', '', '']];
        yield 'without a birth' => [[['census', '1841', 'Hask']], '1841', ['', 'Hask', '']];
        yield 'nothing told' => [[], '1841', ['', '', '']];
    }

    /**
     * @param  list<array{string, string, string}>  $facts
     * @param  array{string, string, string}  $expected
     */
    #[DataProvider('times')]
    public function test_what_is_known_of_somebody_at_a_time(array $facts, string $then, array $expected): void
    {
        $span = GenDate::parse($then)->span() ?? self::fail('No span.');
        $at = PersonAtTime::of(self::person('hezzy', $facts), $span);
        self::assertSame($expected, [$at->age, $at->nearest->place ?? '', $at->not]);
    }

    public function test_last_seen_is_the_beginning_of_the_last_that_they_lived_through(): void
    {
        self::assertSame('from 1861 to 1899',
            LastSeen::of(self::person('a',
                [['census', '1841', ''], ['occupation', 'from 1861 to 1899', ''], ['burial', '1900', ''], ['probate', '1901', '']]))
                    ?->date->shown);
        self::assertNull(LastSeen::of(self::person('b', [['death', '1889', ''], ['residence', '', 'Hask']])));
        $rival = new Event('e', 'census', '', '', GenDate::parse('1881'), '', false, [], Standing::Rival);
        self::assertSame('1841',
            LastSeen::of(new Person('c', 1, Sex::Female, [], [$rival, ...self::person('c', [['census', '1841', '']])->events]))
                ?->date->shown);
    }

    public function test_who_stands_around_somebody_is_called_by_what_they_are(): void
    {
        $people = [self::person('keziah', [], Sex::Female), self::person('brand', [], Sex::Male), self::person('osk', [], Sex::Male),
            self::person('ann', [], Sex::Female), self::person('thomas', [], Sex::Male), self::person('hob'),
            self::person('wrong', [], Sex::Female)];
        $tree = new Snapshot($people,
            [new Union('u1', ['osk', 'ann', 'wrong'], [], ['keziah', 'brand']), new Union('u2', ['keziah', 'thomas'], [], ['hob'])], [
                new ParentSet('s1', 'keziah', 'u1', true,
                    [new Parentage('osk', ParentageKind::Birth), new Parentage('ann', ParentageKind::Birth),
                        new Parentage('wrong', ParentageKind::Birth, Standing::RuledOut)]),
                new ParentSet('s2', 'brand', 'u1', true, [new Parentage('osk', ParentageKind::Birth)]),
                new ParentSet('s3', 'hob', 'u2', true, [new Parentage('keziah', ParentageKind::Birth)]),
            ]);
        self::assertSame(
            ['keziah' => '', 'osk' => 'father', 'ann' => 'mother', 'brand' => 'brother', 'thomas' => 'husband', 'hob' => 'child'],
            CloseKin::of($tree, $people[0]));
    }

    public function test_only_proof_refuses_the_others_and_only_a_conclusion_can_be_shaken(): void
    {
        foreach (CaseState::cases() as $state) {
            self::assertSame($state === CaseState::Proved, $state->placingOfOthers()->value === 'refused', $state->value);
            self::assertSame($state === CaseState::Proved, $state->standingOfOthers() === Standing::RuledOut, $state->value);
            self::assertSame(in_array($state->value, ['open', 'unresolved'], true), ! $state->isConcluded(), $state->value);
            // What is not proved is drawn as unproved.
            self::assertSame($state->placing()->value === 'placed', $state->proof()->value === 'proved', $state->value);
        }
    }

    /** @param  list<array{string, string, string}>  $facts */
    private static function person(string $id, array $facts = [], Sex $sex = Sex::Unknown): Person
    {
        return new Person($id, 1, $sex, [],
            array_map(static fn (array $fact): Event => new Event("{$id} {$fact[0]} {$fact[1]}", $fact[0], '', '', GenDate::parse($fact[1]),
                $fact[2], false, []), $facts));
    }
}
