<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Narrative;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\Life;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Narrative\Teller;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventRole;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\TestCase;

/** Whole lives, read by eye. */
final class LifeTest extends TestCase
{
    public function test_a_life_of_two_marriages(): void
    {
        $isles = (new Isles)->person('odd',
            'Odd Tarrel h b abt 1700 in Hask, Marren Isles d 4 May 1758 at Gannet Stair, Hask, Marren Isles')
            ->person('pa', 'Gavin Tarrel h')->person('ma', 'Nan Osk w')->person('first', 'Ros Drum w')->person('second', 'Ailie Averay w')
            ->person('a', 'Gavin Tarrel h b 1725')->person('b', 'Ninian Tarrel h b abt 1727')->person('c', 'Mab Tarrel w b 11 Feb 1731/2')
            ->person('d', 'Wilf Tarrel h')
            ->union('p', ['pa', 'ma'], ['odd'])->union('one', ['odd', 'first'], ['a', 'b', 'c'], '1724 St Bregan, Great Marren')
            ->union('two', ['odd', 'second'], ['d'], '1735');

        self::assertSame([
            'Odd Tarrel was born about 1700 in Hask, Marren Isles, the son of Gavin Tarrel and Nan Osk.',
            'Odd married first Ros Drum in 1724 at St Bregan, Great Marren. '
                .'They had three children: Gavin (1725), Ninian (about 1727) and Mab (1731/2).',
            'Odd married secondly Ailie Averay in 1735. They had a child, Wilf.',
            'Odd died on 4 May 1758 at Gannet Stair, Hask, aged about 58.',
        ], self::life($isles->tree(), 'odd'));
        self::assertSame([
            'Ros Drum married Odd Tarrel in 1724 at St Bregan, Great Marren. '
                .'They had three children: Gavin (1725), Ninian (about 1727) and Mab (1731/2).',
        ], self::life($isles->tree(), 'first'));
    }

    public function test_who_had_a_part_in_it_is_named(): void
    {
        $isles = (new Isles)->person('odd', 'Odd Tarrel h b 4 May 1700 in Hask d 9 Jun 1758 at Hask')->person('pa', 'Gavin Tarrel h')
            ->person('first', 'Ros Drum w')->person('kit', 'Kit Osk h')->person('nan', 'Nan Drum w')
            ->union('p', ['pa'], ['odd'])->union('one', ['odd', 'first'], [], '1724');
        $tree = $isles->tree();
        $birth = $tree->lives(['odd'])['odd']->events[0]->id;
        $with = $isles->tree([$birth => [new EventRole('godparent', 'kit'), new EventRole('godparent', '', 'the laird'),
            new EventRole('clergy', '', 'Mr Lorne')],
            'marriage-one' => [new EventRole('witness', 'kit'), new EventRole('witness', 'nan'), new EventRole('piper', '', ''),
                new EventRole('witness', 'gone'), new EventRole('best man', '', 'Col Brack'), new EventRole('other', 'odd')]]);

        self::assertSame([
            'Odd Tarrel was born on 4 May 1700 in Hask, the son of Gavin Tarrel, with Kit Osk and the laird as godparents and Mr Lorne '
                .'officiating.',
            'Odd married Ros Drum in 1724, with Kit Osk and Nan Drum as witnesses and Col Brack as best man.',
            'Odd died on 9 June 1758 in Hask, aged 58.',
        ], self::life($with, 'odd'));
    }

    public function test_a_life_of_which_next_to_nothing_is_known(): void
    {
        $isles = (new Isles)->person('x', 'Robin Averay')->person('pa', 'Gavin Averay h')->person('alone', 'Osk')
            ->union('p', ['pa'], ['x']);

        self::assertSame(['Robin Averay was the child of Gavin Averay.'], self::life($isles->tree(), 'x'));
        self::assertSame(['Of Osk nothing is known but the name.'], self::life($isles->tree(), 'alone'));
    }

    public function test_a_day_without_anything_is_left_out_and_not_told_as_unknown(): void
    {
        $tree = self::living(self::event('birth'), self::event('residence'), self::event('death'));

        self::assertSame(['Una Osk died.'], self::life($tree, 'una'));
    }

    public function test_where_somebody_lived_is_one_sentence_and_a_place_is_named_in_full_once(): void
    {
        $tree = self::living(self::event('residence', '1851', 'Hask, Marren Isles'), self::event('residence', '1861', 'Hask, Marren Isles'),
            self::event('residence', '1871', 'Gannet Stair, Hask, Marren Isles'), self::event('death', '3 May 1880', 'Hask, Marren Isles'),
            self::event('burial', '6 May 1880', 'St Bregan, Great Marren'));

        self::assertSame(['Una Osk lived in Hask, Marren Isles, in 1851, in 1861 and at Gannet Stair, Hask, in 1871.',
            'Una died on 3 May 1880 in Hask and was buried on 6 May 1880 at St Bregan, Great Marren.'], self::life($tree, 'una'));
    }

    public function test_what_was_ruled_out_or_rivals_a_fact_is_not_told(): void
    {
        $tree = self::living(self::event('birth', '1800', standing: Standing::Rival), self::event('birth', '1802',
            standing: Standing::Accepted),
            self::event('death', '1850', standing: Standing::RuledOut), self::event('occupation', '1841', '', 'cooper'));

        self::assertSame(['Una Osk was born in 1802.', 'Una was a cooper in 1841.'], self::life($tree, 'una'));
    }

    public function test_parents_are_told_as_what_they_are_and_how_sure_that_is(): void
    {
        $of = static fn (ParentageKind $kind, Proof $proof): array => self::life((new Isles)->person('una', 'Una Osk w b 1802')
            ->person('pa', 'Gavin Osk h')->union('p', ['pa'], ['una'], kind: $kind, proof: $proof)->tree(), 'una');

        self::assertSame(['Una Osk was born in 1802, the adopted daughter of Gavin Osk.'], $of(ParentageKind::Adoptive, Proof::Unstated));
        self::assertSame(['Una Osk was born in 1802, it is thought the daughter of Gavin Osk.'], $of(ParentageKind::Birth,
            Proof::Probable));
    }

    public function test_marks_of_notes_stand_after_the_full_stop(): void
    {
        $isles = (new Isles)->person('una', 'Una Osk w b 1802', cited: true);
        $words = Life::of($isles->of('una'), LifeKin::of($isles->tree(), [$isles->of('una')]), new Teller,
            static fn (Event $event): array => [StyledWords::noteMark(7)])[0];

        self::assertSame(7, $words[count($words) - 1]->note);
        self::assertSame('Una Osk was born in 1802.', StyledWords::textOf($words));
    }

    private static function event(string $kind, string $date = '', string $place = '', string $value = '',
        Standing $standing = Standing::Unweighed): Event
    {
        static $count = 0;
        $count++;

        return new Event("event-{$count}", $kind, '', $value, GenDate::parse($date), $place, false, [], $standing);
    }

    private static function living(Event ...$events): Snapshot
    {
        $una = (new Isles)->person('una', 'Una Osk w')->of('una');

        return new Snapshot([new Person('una', 1, $una->sex, $una->names, array_values($events))], [], []);
    }

    /** @return list<string> */
    private static function life(Snapshot $tree, string $id): array
    {
        return array_map(StyledWords::textOf(...), Life::of($tree->people([$id])[$id], LifeKin::of($tree, $tree->people([$id])), new Teller,
            static fn (): array => []));
    }
}
