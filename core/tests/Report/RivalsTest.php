<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\NoteNumbers;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Report\Rivals;
use NorthBough\Core\Sex;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\TestCase;

/** What else is said of a fact stands in a note, with where it is said. */
final class RivalsTest extends TestCase
{
    public function test_a_rival_is_told_in_a_note_with_its_sources_and_what_was_ruled_out_in_none(): void
    {
        $event = static fn (string $id, string $date, Standing $standing, string ...$pages): Event => new Event($id, 'birth', '', '',
            GenDate::parse($date), 'Hask', false, array_map(static fn (string $page): CitedEvidence => new CitedEvidence("c {$page}",
                "r {$page}", Isles::register(), $page, ''), array_values($pages)), $standing);
        $leading = $event('leading', '1847', Standing::Accepted, 'p. 1');
        $odd = new Person('odd', 1, Sex::Male, [], [$leading, $event('rival', '4 May 1849', Standing::Rival, 'p. 2', 'p. 9'),
            $event('other', '1850', Standing::Rival), $event('no', '1860', Standing::RuledOut, 'p. 3')]);
        $rivals = Rivals::of([$odd], LifeKin::of(new Snapshot([$odd], [], []), [$odd]));
        $notes = new NoteNumbers;
        $notes->marks($leading->grounds());

        self::assertCount(1, $rivals->marks($leading, $notes));
        $told = StyledWords::textOf($notes->notes()[1]);
        self::assertSame('Otherwise it is said: born 4 May 1849, Hask. Parish of St Osmund, Register of St Osmund, p. 2. '
            .'Parish of St Osmund, Register of St Osmund, p. 9. Or: born 1850, Hask.', $told);
        self::assertSame([], Rivals::none()->marks($leading, $notes));
        self::assertSame([], $rivals->marks($odd->events[1], $notes));
    }
}
