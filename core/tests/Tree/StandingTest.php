<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which of several counts: of facts, names, parents and couples, in every standing. */
final class StandingTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string}> standings of births in hand order, which of them leads */
    public static function facts(): iterable
    {
        yield 'none is there' => [[], ''];
        yield 'one that nobody weighed' => [['unweighed'], '0'];
        yield 'the first of two that nobody weighed' => [['unweighed', 'unweighed'], '0'];
        yield 'the accepted one, wherever it stands' => [['unweighed', 'accepted'], '1'];
        yield 'the first of two that were accepted' => [['unweighed', 'accepted', 'accepted'], '1'];
        yield 'a rival never' => [['rival'], ''];
        yield 'after a rival the next' => [['rival', 'unweighed'], '1'];
        yield 'what was ruled out never' => [['ruled out'], ''];
        yield 'what was denied never' => [['denied', 'unweighed'], '1'];
        yield 'a denial that was accepted never' => [['denied'], ''];
    }

    /** @param  list<string>  $standings */
    #[DataProvider('facts')]
    public function test_which_fact_leads(array $standings, string $leads): void
    {
        $events = [];
        foreach ($standings as $at => $standing) {
            $events[] = new Event((string) $at, 'birth', '', '', GenDate::parse('1850'), '', $standing === 'denied', [],
                Standing::tryFrom($standing) ?? Standing::Accepted);
        }
        self::assertSame($leads, Event::leadingOf($events, 'birth')->id ?? '');
        self::assertNull(Event::leadingOf($events, 'death'));
    }

    public function test_the_first_kind_that_has_one_leads(): void
    {
        $event = static fn (string $kind, Standing $standing = Standing::Unweighed): Event => new Event($kind, $kind, '', '',
            GenDate::parse('1850'), '', false, [], $standing);
        $person = static fn (Event ...$events): Person => new Person('p', 1, Sex::Male, [], array_values($events));
        self::assertSame('christening', $person($event('baptism'), $event('christening'))->leading('christening', 'baptism')?->kind);
        self::assertSame('baptism', $person($event('baptism'), $event('christening', Standing::RuledOut))->leading('christening', 'baptism')
            ?->kind);
        self::assertNull($person($event('baptism'))->leading('death', 'burial'));
        self::assertTrue($person()->name()->isEmpty());
    }

    public function test_names_in_the_order_in_which_they_count(): void
    {
        $standings = ['ruled out', 'rival', 'unweighed', 'accepted', 'rival', 'accepted'];
        $names = array_map(
            static fn (int $at, string $standing): Name => new Name((string) $at, NameKind::Birth, PersonalName::of('Ewan', ''),
                Standing::from($standing)), array_keys($standings),
            $standings);
        self::assertSame(['3', '5', '2', '1', '4', '0'], array_map(static fn (Name $name): string => $name->id, Name::inOrder($names)));
        self::assertSame(['ruled out'],
            array_values(array_map(static fn (Name $name): string => $name->standing->value,
                array_filter($names, static fn (Name $name): bool => ! $name->counts()))));
        self::assertSame([], Name::inOrder([]));
    }

    /**
     * @return iterable<string, array{list<array{Standing, ParentageKind}>, list<int>, bool, ParentageKind}> parents; who
     *     stand, whether all were ruled out, the kind of the set
     */
    public static function parents(): iterable
    {
        yield 'none' => [[], [], false, ParentageKind::Birth];
        yield 'two' => [[[Standing::Unweighed, ParentageKind::Birth], [Standing::Accepted, ParentageKind::Birth]], [0, 1], false,
            ParentageKind::Birth];
        yield 'one was ruled out' => [[[Standing::RuledOut, ParentageKind::Birth], [Standing::Accepted, ParentageKind::Birth]], [1], false,
            ParentageKind::Birth];
        yield 'both were' => [[[Standing::RuledOut, ParentageKind::Birth], [Standing::RuledOut, ParentageKind::Birth]], [], true,
            ParentageKind::Birth];
        yield 'a rival stands' => [[[Standing::Rival, ParentageKind::Birth]], [0], false, ParentageKind::Birth];
        yield 'a mother and her husband' => [
            [[Standing::Unweighed, ParentageKind::Recognised], [Standing::Unweighed, ParentageKind::Birth]], [0, 1], false,
            ParentageKind::Birth];
        yield 'two who fostered' => [[[Standing::Unweighed, ParentageKind::Foster], [Standing::Unweighed, ParentageKind::Foster]],
            [0, 1], false,
            ParentageKind::Foster];
    }

    /**
     * @param  list<array{Standing, ParentageKind}>  $said
     * @param  list<int>  $stand
     */
    #[DataProvider('parents')]
    public function test_who_stand_as_parents(array $said, array $stand, bool $isRuledOut, ParentageKind $kind): void
    {
        $set = new ParentSet('s', 'child', 'u', true,
            array_map(static fn (int $at, array $one): Parentage => new Parentage((string) $at, $one[1], $one[0]), array_keys($said),
                $said));
        self::assertSame($stand, array_map(static fn (Parentage $parentage): int => (int) $parentage->personId, $set->whoStand()));
        self::assertSame([$isRuledOut, $kind], [$set->isRuledOut(), $set->kind()]);
    }

    public function test_what_is_only_said_is_told_apart_from_what_stands(): void
    {
        $open = [];
        foreach (Standing::cases() as $standing) {
            foreach (Proof::cases() as $proof) {
                if ((new Parentage('p', ParentageKind::Birth, $standing, $proof))->isUnproved()) {
                    $open[] = "{$standing->value} {$proof->value}";
                }
            }
        }
        self::assertSame(
            ['accepted unresolved', 'accepted probable', 'rival unstated', 'rival unresolved', 'rival probable', 'rival proved',
                'ruled out unresolved', 'ruled out probable', 'unweighed unresolved', 'unweighed probable'], $open);
    }

    /** Version 7, g7:enumset-FAMC-STAT: what goes out comes back, save that “proved” is told only of what is no rival. */
    public function test_standings_in_the_open_standard(): void
    {
        foreach ([Standing::Rival, Standing::RuledOut, Standing::Unweighed] as $standing) {
            self::assertSame($standing, Standing::fromStandard($standing->standard(Proof::Unstated)));
            self::assertSame($standing, Standing::fromStandard(' '.strtolower($standing->standard(Proof::Unstated))));
        }
        self::assertSame('PROVEN', Standing::Accepted->standard(Proof::Proved));
        self::assertSame('CHALLENGED', Standing::Rival->standard(Proof::Proved));
        self::assertSame([Proof::Proved, Proof::Unstated], [Proof::fromStandard('proven'), Proof::fromStandard('CHALLENGED')]);
        self::assertSame(Standing::Unweighed, Standing::fromStandard('SOMETHING ELSE'));
    }

    public function test_a_couple_and_its_children_without_those_who_were_ruled_out(): void
    {
        $union = new Union('u', ['a', 'b'], [], ['x', 'y'], [], '', ['c' => Standing::RuledOut, 'a' => Standing::Accepted], ['y' => ['b']]);
        self::assertSame([['c'], ['b'], ['a']], [$union->ruledOutIds(), $union->partnersOf('a'), $union->parentsOf('y')]);
        self::assertSame([['x', 'y'], ['x']], [$union->childrenOf('a'), $union->childrenOf('b')]);
        self::assertFalse($union->isUnproved());
        self::assertTrue((new Union('u', ['a'], [], [], [], '', ['a' => Standing::Rival]))->isUnproved());
    }

    public function test_unions_stand_as_they_were_lived_where_each_has_its_day(): void
    {
        $union = static fn (string $id, string $wed): Union => new Union($id, [],
            $wed === '' ? [] : [new Event("m{$id}", 'marriage', '', '', GenDate::parse($wed), '', false, [])], []);
        $ids = static fn (Union ...$unions): array => array_map(static fn (Union $union): string => $union->id,
            Union::asLived(array_values($unions)));
        self::assertSame(['b', 'a', 'c'], $ids($union('a', '1850'), $union('b', '3 May 1841'), $union('c', 'abt 1860')));
        self::assertSame(['a', 'b', 'c'], $ids($union('a', '1850'), $union('b', ''), $union('c', '1840')), 'a hand put them so');
        self::assertSame([], $ids());
    }
}
