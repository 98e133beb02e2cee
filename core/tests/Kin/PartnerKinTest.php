<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Kin\PartnerKin;
use NorthBough\Core\Sex;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a partner is called, and whom a union makes step kin of. */
final class PartnerKinTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string, string, string}> events, sex of the partner, standing of the tie, word */
    public static function words(): iterable
    {
        yield 'nothing is told of them' => [[], 'F', 'unweighed', 'partner'];
        yield 'wed' => [['marriage'], 'F', 'unweighed', 'wife'];
        yield 'wed, a man' => [['marriage'], 'M', 'accepted', 'husband'];
        yield 'wed, sex not known' => [['marriage'], 'U', 'unweighed', 'spouse'];
        yield 'divorced' => [['marriage', 'divorce'], 'F', 'unweighed', 'former wife'];
        yield 'annulled' => [['marriage', 'annulment'], 'M', 'unweighed', 'former husband'];
        yield 'a divorce that was denied' => [['marriage', 'divorce denied'], 'M', 'unweighed', 'husband'];
        yield 'a divorce that was ruled out' => [['marriage', 'divorce out'], 'M', 'unweighed', 'husband'];
        yield 'a rival tie' => [['marriage'], 'F', 'rival', 'said to be wife'];
        yield 'a rival tie of nobody wed' => [[], 'F', 'rival', 'said to be partner'];
        yield 'a marriage that was denied' => [['marriage denied'], 'F', 'unweighed', 'partner'];
        yield 'a marriage that was ruled out' => [['marriage out'], 'F', 'unweighed', 'partner'];
    }

    /** @param  list<string>  $events */
    #[DataProvider('words')]
    public function test_what_a_partner_is_called(array $events, string $sex, string $standing, string $word): void
    {
        self::assertSame($word, PartnerKin::word(self::union($events, $standing), Sex::from($sex)));
    }

    public function test_only_a_marriage_that_is_denied_and_counts_makes_nobody_an_in_law(): void
    {
        self::assertTrue(PartnerKin::isDenied(self::union(['marriage denied'])));
        self::assertFalse(PartnerKin::isDenied(self::union(['marriage'])));
        self::assertFalse(PartnerKin::isDenied(self::union(['divorce denied'])));
        self::assertFalse(PartnerKin::isDenied(self::union([])));
    }

    /**
     * @return iterable<string, array{string, string, list<string>, bool}> child, partner, events of the union, whether it
     *     can have stood
     */
    public static function births(): iterable
    {
        yield 'nothing is known' => ['A Child', 'B Partner w', [], true];
        yield 'the partner died before' => ['A Child b 1852', 'B Partner w d 1850', [], false];
        yield 'the partner died after' => ['A Child b 1849', 'B Partner w d 1850', [], true];
        yield 'in the same year' => ['A Child b 1850', 'B Partner w d 1850', [], true];
        yield 'the partner may have died before' => ['A Child b 1852', 'B Partner w d abt 1851', [], true];
        yield 'the union ended before' => ['A Child b 1852', 'B Partner w', ['marriage', 'divorce'], false];
        yield 'no birth is known' => ['A Child', 'B Partner w d 1850', [], true];
    }

    /** @param  list<string>  $events */
    #[DataProvider('births')]
    public function test_whether_a_union_stood_after_a_birth(string $child, string $partner, array $events, bool $can): void
    {
        $isles = (new Isles)->person('child', $child)->person('partner', $partner);
        self::assertSame($can, PartnerKin::canStandAfterBirth(self::union($events), [$isles->of('partner')], $isles->of('child')));
    }

    /** @param  list<string>  $events  a divorce is of 1848 */
    private static function union(array $events, string $standing = 'unweighed'): Union
    {
        $made = array_map(static function (string $event): Event {
            [$kind, $how] = [...explode(' ', $event), ''];

            return new Event($event, $kind, '', '', GenDate::parse($kind === 'marriage' ? '1845' : '1848'), '', $how === 'denied', [],
                $how === 'out' ? Standing::RuledOut : Standing::Unweighed);
        }, $events);

        return new Union('u', ['one', 'other'], $made, [], [], '', ['other' => Standing::from($standing)]);
    }
}
