<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage\Doubles;

use NorthBough\Core\Linkage\Doubles\Clusters;
use NorthBough\Core\Linkage\Doubles\DoubleFinder;
use NorthBough\Core\Linkage\Doubles\MatchModel;
use NorthBough\Core\Linkage\Doubles\PeopleTable;
use NorthBough\Core\Linkage\Doubles\ScoredPair;
use NorthBough\Core\Linkage\Doubles\SurnameLevel;
use NorthBough\Core\Sex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DoubleFinderTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string>}> name, birth, place, death of each */
    public static function same(): iterable
    {
        yield 'a nickname' => [['Keziah /Osk/', '4 Mar 1801', 'Nethery Ness, Tolsay', ''], ['Hezzy /Osk/', '4 Mar 1801', 'Tolsay', '']];
        yield 'a letter off' => [['Elspet /Maddern/', '9 May 1812', 'Slatequay', ''], ['Elspet /Madern/', '9 May 1812', 'Slatequay', '']];
        yield 'day and month swapped' => [['Piers /Averay/', '3 Apr 1822', 'Pellmouth, Westering', '6 Aug 1890'],
            ['Piers /Averay/', '4 Mar 1822', 'Pellmouth', '6 Aug 1890']];
        yield 'a year off' => [['Osmund /Lorne/', '11 Nov 1790', 'Kirkhaven, Great Marren', '2 Feb 1851'],
            ['Osmund /Lorne/', '11 Nov 1791', 'Kirkhaven', '2 Feb 1851']];
        yield 'less is known of one' => [['Morwen Ada /Sallow/', '7 Jul 1777', 'Slatequay, Great Marren', '1 Jan 1840'],
            ['Morwen Ada /Sallow/', '1777', 'Slatequay', '1 Jan 1840']];
        yield 'another script' => [['Magnus /Drum/', '5 Feb 1833', 'Kirkhaven', '9 Sep 1900'],
            ['Магнус /Друм/', '5 Feb 1833', 'Kirkhaven', '9 Sep 1900']];
        yield 'a patronymic in another form' => [['Niall /Brackson/', '12 Oct 1745', 'Pellmouth', ''],
            ['Niall /Bracksen/', '12 Oct 1745', 'Pellmouth', '']];
    }

    /**
     * @param  list<string>  $first
     * @param  list<string>  $second
     */
    #[DataProvider('same')]
    public function test_a_person_who_was_written_down_twice_is_found(array $first, array $second): void
    {
        $village = (new Village)->add('a', $first[0], Sex::Unknown, ...array_slice($first, 1))
            ->add('b', $second[0], Sex::Unknown, ...array_slice($second, 1));

        self::assertGreaterThan(0.5, $village->probability('a', 'b'));
    }

    public function test_a_wife_under_her_married_name_is_found_by_husband_and_wedding(): void
    {
        $village = (new Village)
            ->add('a', 'Isbel /Quillan/', Sex::Female, '1799', 'Kirkhaven')->add('ha', 'Hugh /Maddern/', Sex::Male, '6 Jun 1795')
            ->add('b', 'Isbel /Maddern/', Sex::Female, 'about 1799')->add('hb', 'Hugh /Maddern/', Sex::Male, '6 Jun 1795')
            ->family('ha', 'a', [], '8 Aug 1821')->family('hb', 'b', [], '8 Aug 1821');

        self::assertGreaterThan(0.9, $village->probability('a', 'b'));
    }

    public function test_a_family_that_was_brought_in_twice_is_found_whole(): void
    {
        $village = self::family(self::family(new Village, 'x', 'Hester', '1840'), 'y', 'Hetty', '14 Feb 1840');

        foreach (['f', 'm', '1', '2', '3'] as $who) {
            self::assertGreaterThan(0.8, $village->probability("x{$who}", "y{$who}"), $who);
        }
        self::assertCount(5, array_filter($village->doubles(), static fn (ScoredPair $pair): bool => $pair->probability > 0.2));
    }

    private static function family(Village $village, string $which, string $first, string $born): Village
    {
        return $village->add("{$which}f", 'Simon /Neap/', Sex::Male, '1810')->add("{$which}m", 'Joan /Corran/', Sex::Female, 'about 1812')
            ->add("{$which}1", "{$first} /Neap/", Sex::Female, $born)->add("{$which}2", 'Col /Neap/', Sex::Male)
            ->add("{$which}3", 'Ada /Neap/', Sex::Female, '3 Mar 1845')
            ->family("{$which}f", "{$which}m", ["{$which}1", "{$which}2", "{$which}3"]);
    }

    /** @return iterable<string, array{Village, string, string}> */
    public static function different(): iterable
    {
        yield 'father and son' => [(new Village)->add('f', 'Col /Drum/', Sex::Male, '1760', 'Kirkhaven')->add('m', 'Una /Osk/', Sex::Female)
            ->add('s', 'Col /Drum/', Sex::Male, '1785', 'Kirkhaven')->family('f', 'm', ['s']), 'f', 's'];
        yield 'twins' => [(new Village)->add('f', 'Col /Drum/', Sex::Male)->add('m', 'Una /Osk/', Sex::Female)
            ->add('a', 'Hugh /Drum/', Sex::Male, '5 May 1800', 'Kirkhaven')->add('b', 'James /Drum/', Sex::Male, '5 May 1800', 'Kirkhaven')
            ->family('f', 'm', ['a', 'b']), 'a', 'b'];
        yield 'a dead child’s name given again' => [(new Village)->add('f', 'Col /Drum/', Sex::Male)->add('m', 'Una /Osk/', Sex::Female)
            ->add('a', 'Hugh /Drum/', Sex::Male, '5 May 1800', 'Kirkhaven', '1 Jan 1801')
            ->add('b', 'Hugh /Drum/', Sex::Male, '2 Jun 1802', 'Kirkhaven')->family('f', 'm', ['a', 'b']), 'a', 'b'];
        yield 'cousins named after one grandfather' => [(new Village)->add('g', 'Niall /Brack/', Sex::Male)
            ->add('h', 'Ada /Lorne/', Sex::Female)
            ->add('f1', 'Piers /Brack/', Sex::Male)->add('f2', 'Simon /Brack/', Sex::Male)->family('g', 'h', ['f1', 'f2'])
            ->add('m1', 'Mary /Osk/', Sex::Female)->add('m2', 'Flora /Neap/', Sex::Female)
            ->add('a', 'Niall /Brack/', Sex::Male, '1821', 'Slatequay')->add('b', 'Niall /Brack/', Sex::Male, '1822', 'Slatequay')
            ->family('f1', 'm1', ['a'])->family('f2', 'm2', ['b']), 'a', 'b'];
        yield 'two on one page' => [(new Village)->add('a', 'Keziah /Osk/', Sex::Female, '4 Mar 1801', 'Tolsay')
            ->add('b', 'Keziah /Osk/', Sex::Female, '4 Mar 1801', 'Tolsay')->onOneRecord('a', 'b'), 'a', 'b'];
        yield 'man and wife' => [(new Village)->add('a', 'Christian /Drum/', Sex::Unknown, '1801')
            ->add('b', 'Christian /Drum/', Sex::Unknown, '1801')->family('a', 'b', []), 'a', 'b'];
        yield 'one was dead before the other was born' => [(new Village)
            ->add('a', 'Hester /Sallow/', Sex::Female, '', 'Tolsay', '3 Mar 1750')
            ->add('b', 'Hester /Sallow/', Sex::Female, '3 Mar 1790', 'Tolsay'), 'a', 'b'];
    }

    #[DataProvider('different')]
    public function test_people_who_only_look_like_one_are_not_taken_for_one(Village $village, string $id, string $otherId): void
    {
        self::assertLessThan(0.3, $village->probability($id, $otherId));
    }

    public function test_of_two_brothers_of_one_name_each_is_his_own_double(): void
    {
        $village = new Village;
        foreach (['x', 'y'] as $which) {
            $village->add("{$which}f", 'Simon /Neap/', Sex::Male, '4 May 1810')->add("{$which}m", 'Joan /Corran/', Sex::Female,
                '6 Jun 1812')
                ->add("{$which}1", 'Col /Neap/', Sex::Male, '3 Mar 1840', '', '9 Mar 1841')->add("{$which}2", 'Col /Neap/', Sex::Male)
                ->family("{$which}f", "{$which}m", ["{$which}1", "{$which}2"], '8 Aug 1838');
        }

        self::assertGreaterThan(0.9, $village->probability('x1', 'y1'));
        self::assertGreaterThan($village->probability('x1', 'y2'), $village->probability('x2', 'y2'));
        self::assertLessThan(0.5, $village->probability('x1', 'y2'));
    }

    public function test_two_couples_of_one_name_with_other_children_are_two(): void
    {
        $couples = static function (array $second): Village {
            $village = new Village;
            foreach (['x' => ['Ada', 'Bran', 'Cora', 'Hugh', 'Una'], 'y' => $second] as $which => $children) {
                $village->add("{$which}f", 'John /Tarrel/', Sex::Male)->add("{$which}m", 'Mary /Tarrel/', Sex::Female);
                foreach ($children as $at => $child) {
                    $village->add("{$which}{$at}", "{$child} /Tarrel/", Sex::Unknown, (string) (1840 + 2 * $at));
                }
                $village->family("{$which}f", "{$which}m", array_map(static fn (int $at): string => "{$which}{$at}",
                    array_keys($children)));
            }

            return $village;
        };

        self::assertGreaterThan(0.5, $couples(['Ada', 'Bran', 'Cora', 'Hugh', 'Una'])->probability('xf', 'yf'));
        self::assertLessThan(0.1, $couples(['Morwen', 'Niall', 'Rhoda', 'Simon', 'Flora'])->probability('xf', 'yf'));
    }

    public function test_a_rare_name_weighs_more_than_a_common_one(): void
    {
        $weight = static function (string $name): float {
            $village = (new Village)->add('a', $name, Sex::Unknown, '4 Mar 1801')->add('b', $name, Sex::Unknown, '4 Mar 1801');
            $working = $village->doubles()['a b']->working;

            return $working[0]->weight + $working[1]->weight;
        };

        self::assertGreaterThan($weight('John /Tarrel/') + 4, $weight('Keziah /Ibsley/'));
    }

    public function test_the_working_sums_to_the_log_odds_of_the_probability(): void
    {
        $pair = (new Village)->add('a', 'Una /Lorne/', Sex::Female, '4 Mar 1801', 'Tolsay')
            ->add('b', 'Una /Lorne/', Sex::Female, '1801', 'Tolsay')->doubles()['a b'];

        self::assertEqualsWithDelta(log($pair->probability / (1 - $pair->probability), 2),
            array_sum(array_column($pair->working, 'weight')),
            0.001);
        foreach ($pair->working as $line) {
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $line->says);
            self::assertDoesNotMatchRegularExpression('/Una|Lorne|1801|Tolsay/', $line->says, 'It can be shown of the living, too.');
        }
    }

    public function test_it_finds_nothing_among_nobody_and_one(): void
    {
        $finder = new DoubleFinder(new PeopleTable, static fn (float $far) => null);

        self::assertSame([], $finder->find(0.0));
        self::assertSame(0, $finder->candidates);
    }

    public function test_what_was_learnt_is_kept_and_read_again(): void
    {
        $model = MatchModel::expected(2000)->learning(['surname' => [SurnameLevel::SAME => 10.0, SurnameLevel::MARRIED => 90.0]], 40.0,
            2000);
        $again = MatchModel::fromStored((array) json_decode((string) json_encode($model->stored()), true), 2000);

        self::assertSame($model->stored(), $again->stored());
        self::assertGreaterThan(MatchModel::expected(2000)->shares['surname'][SurnameLevel::MARRIED],
            $again->shares['surname'][SurnameLevel::MARRIED]);
        self::assertSame(MatchModel::expected(2000)->stored(), MatchModel::fromStored(['shares' => 'odd', 'prior' => []], 2000)->stored());
    }

    public function test_pairs_that_hang_together_are_one_cluster(): void
    {
        self::assertSame(['b' => 'a', 'c' => 'a', 'a' => 'a', 'x' => 'x', 'y' => 'x'], Clusters::of([['b', 'c'], ['c', 'a'], ['x', 'y']]));
    }
}
