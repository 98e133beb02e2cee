<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\SharedEvent;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SharedEventTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, bool}> kind, date, place, whether it is the census of 2 April 1881 at Hask */
    public static function others(): iterable
    {
        yield 'the same day and place' => ['census', '2 Apr 1881', 'Hask', true];
        yield 'the year alone' => ['census', '1881', 'Hask', true];
        yield 'no place is said' => ['census', '2 Apr 1881', '', true];
        yield 'a place round it' => ['census', '2 Apr 1881', 'Hask, Marren Isles', true];
        yield 'another year' => ['census', '1891', 'Hask', false];
        yield 'another place' => ['census', '2 Apr 1881', 'Pellmouth, Westering', false];
        yield 'another kind' => ['residence', '2 Apr 1881', 'Hask', false];
        yield 'no day' => ['census', '', 'Hask', false];
    }

    #[DataProvider('others')]
    public function test_the_same_event_of_another(string $kind, string $date, string $place, bool $isSame): void
    {
        $other = self::event('other', $kind, $date, $place);
        self::assertSame($isSame ? $other : null, SharedEvent::among(self::event('one', 'census', '2 Apr 1881', 'Hask'), [$other]));
    }

    public function test_what_was_ruled_out_is_not_the_same_and_a_birth_is_shared_by_nobody(): void
    {
        $census = self::event('one', 'census', '2 Apr 1881', 'Hask');
        self::assertNull(SharedEvent::among($census, [self::event('other', 'census', '2 Apr 1881', 'Hask', Standing::RuledOut)]));
        self::assertTrue(SharedEvent::canBeShared($census));
        self::assertFalse(SharedEvent::canBeShared(self::event('one', 'birth', '1851', 'Hask')));
    }

    /** @return iterable<string, array{string, string, bool}> born, died, whether they can have been there on 2 April 1881 */
    public static function lives(): iterable
    {
        yield 'alive that day' => ['1851', '1903', true];
        yield 'dead the year before' => ['1851', '1880', false];
        yield 'dead about that time' => ['1851', 'abt 1880', true];
        yield 'born afterwards' => ['June 1881', '', false];
        yield 'born that year' => ['1881', '', true];
        yield 'nothing known' => ['', '', true];
    }

    #[DataProvider('lives')]
    public function test_who_can_have_been_there(string $born, string $died, bool $can): void
    {
        $person = new Person('p', 1, Sex::Unknown, [], array_values(array_filter([
            $born === '' ? null : self::event('b', 'birth', $born, ''), $died === '' ? null : self::event('d', 'death', $died, ''),
        ])));
        self::assertSame($can, SharedEvent::canHaveBeenAt(self::event('one', 'census', '2 Apr 1881', 'Hask'), $person));
    }

    private static function event(string $id, string $kind, string $date, string $place, Standing $standing = Standing::Unweighed): Event
    {
        return new Event($id, $kind, '', '', GenDate::parse($date), $place, false, [], $standing);
    }
}
