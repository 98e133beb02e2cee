<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Kin\PartnerKin;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKind;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VitalsTest extends TestCase
{
    /** @param  list<Event>  $events */
    #[DataProvider('lives')]
    public function test_a_birth_and_a_death_and_what_stands_for_them(array $events, string $beginning, string $end): void
    {
        $vitals = self::person($events)->vitals();

        self::assertSame([$beginning, $end], [$vitals->beginning()->id ?? '', $vitals->end()->id ?? '']);
    }

    /** @return iterable<string, array{list<Event>, string, string}> */
    public static function lives(): iterable
    {
        yield 'nothing told' => [[], '', ''];
        yield 'both told' => [
            [self::event('baptism', '1820'), self::event('birth', '1819'), self::event('burial', '1891'), self::event('death', '1890')],
            'birth', 'death'];
        yield 'signs alone' => [[self::event('baptism', '1820'), self::event('burial', '1891')], 'baptism', 'burial'];
        yield 'a cremation is a sign as well' => [[self::event('cremation', '1931')], '', 'cremation'];
        yield 'a probate years later dates no death' => [[self::event('probate', '1899')], '', ''];
        yield 'what was ruled out stands for nothing' => [
            [self::event('birth', '1819', Standing::RuledOut), self::event('christening', '1820')], 'christening', ''];
        yield 'a rival stands for nothing' => [
            [self::event('death', '1890', Standing::Rival), self::event('burial', '1891', Standing::Rival)], '', ''];
        yield 'what did not happen stands for nothing' => [[self::event('baptism', '', denied: true)], '', ''];
        yield 'the accepted one leads' => [
            [self::event('birth', '1817', id: 'first'), self::event('birth', '1818', Standing::Accepted, id: 'accepted')], 'accepted', ''];
    }

    public function test_each_kind_that_stands_for_an_end_ends_a_union_and_a_life(): void
    {
        $child = self::person([self::event('birth', '1900')]);
        foreach ([...EventKinds::codesOf(EventTrait::Death), ...EventKinds::codesOf(EventTrait::SignOfDeath)] as $kind) {
            $dead = self::person([self::event('birth', '1850'), self::event($kind, '1880')]);
            self::assertFalse(PartnerKin::canStandAfterBirth(new Union('u', ['p'], [], []), [$dead], $child), $kind);
            self::assertSame('1850–1880', LifeYears::shown($dead), $kind);
        }
    }

    public function test_a_kind_says_nothing_that_contradicts_itself(): void
    {
        foreach (EventKinds::all() as $kind) {
            $isOfTheDead = $kind->is(EventTrait::OfTheDead);
            self::assertFalse($isOfTheDead && $kind->is(EventTrait::OfTheLiving), $kind->code);
            self::assertTrue($isOfTheDead || ! ($kind->is(EventTrait::Death) || $kind->is(EventTrait::SignOfDeath)),
                "{$kind->code} is told of the dead");
            self::assertTrue(! $kind->is(EventTrait::OfAnAdult) || $kind->is(EventTrait::OfTheLiving), "{$kind->code}: an adult lives");
            self::assertTrue(! self::isVital($kind) || $kind->participle !== '', "{$kind->code} has its word");
        }
    }

    public function test_kinds_of_beginnings_and_ends_are_listed_nowhere_else(): void
    {
        $found = [];
        foreach (new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo
                && preg_match("/'(cremation|christening|probate)'(?!,?\\s+\\[)/", (string) file_get_contents((string) $file)) === 1) {
                $found[] = $file->getBasename('.php');
            }
        }

        self::assertSame(['EventKinds'], $found);
    }

    private static function isVital(EventKind $kind): bool
    {
        return array_filter([EventTrait::Birth, EventTrait::SignOfBirth, EventTrait::Death, EventTrait::SignOfDeath],
            $kind->is(...)) !== [];
    }

    /** @param  list<Event>  $events */
    private static function person(array $events): Person
    {
        return new Person('p', 1, Sex::Unknown, [], $events);
    }

    private static function event(
        string $kind,
        string $date,
        Standing $standing = Standing::Unweighed,
        bool $denied = false,
        string $id = '',
    ): Event {
        return new Event($id ?: $kind, $kind, '', '', GenDate::parse($date), '', $denied, [], $standing);
    }
}
