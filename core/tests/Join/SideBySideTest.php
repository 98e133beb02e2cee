<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Join;

use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Join\ComparedRow;
use NorthBough\Core\Join\LifeOnAxis;
use NorthBough\Core\Join\SideBySide;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Person;
use PHPUnit\Framework\TestCase;

final class SideBySideTest extends TestCase
{
    use Lives;

    public function test_the_same_things_stand_on_one_line_each_with_its_verdict(): void
    {
        $rows = self::rows([
            self::person('a', ['Isbel /Quillan/'],
                [self::event('1', 'birth', '4 Oct 1804', 'Kirkhaven'), self::event('2', 'death', '1884')]),
            self::person('b', ['Isbell /Quillan/'],
                [self::event('3', 'birth', 'about 1805', 'Kirkhaven'), self::event('4', 'death', '1880')]),
        ]);

        self::assertSame(Verdict::Fits, $rows['Name']->verdict);
        self::assertSame(Verdict::Same, $rows['Sex']->verdict);
        self::assertSame(Verdict::Fits, $rows['Birth']->verdict);
        self::assertSame([['4 Oct 1804, Kirkhaven'], ['about 1805, Kirkhaven']], $rows['Birth']->cells);
        self::assertSame(Verdict::Contradicts, $rows['Death']->verdict);
    }

    public function test_a_christening_is_never_set_against_a_birth(): void
    {
        $rows = self::rows([self::person('a', ['Una /Osk/'], [self::event('1', 'birth', '4 Mar 1801')]),
            self::person('b', ['Una /Osk/'], [self::event('2', 'christening', '4 Mar 1801')])]);

        self::assertFalse($rows['Birth']->isTold());
        self::assertFalse($rows['Christening']->isTold());
    }

    public function test_what_can_be_true_twice_strains_and_does_not_contradict(): void
    {
        $rows = self::rows([self::person('a', ['Una /Osk/'], [self::event('1', 'census', '1841', 'Hask')]),
            self::person('b', ['Una /Osk/'], [self::event('2', 'census', '1861', 'Tolsay')])]);

        self::assertSame(Verdict::Strains, $rows['Census']->verdict);
    }

    public function test_of_three_the_worst_between_any_two_counts_and_not_only_against_the_first(): void
    {
        $rows = self::rows([self::person('a', ['Una /Osk/'], []),
            self::person('b', ['Una /Osk/'], [self::event('1', 'birth', '1801')]),
            self::person('c', ['Una /Osk/'], [self::event('2', 'birth', '1850')])]);

        self::assertSame(Verdict::Contradicts, $rows['Birth']->verdict);
    }

    public function test_relatives_are_compared_as_sets(): void
    {
        self::assertSame(Verdict::Same,
            self::children(self::names('Tam /Drum/', 'Ada /Drum/'), self::names('Ada /Drum/', 'Tam /Drum/', 'Col /Drum/')));
        self::assertSame(Verdict::Fits,
            self::children(self::names('Tam /Drum/', 'Ada /Drum/'), self::names('Thomas /Drum/', 'Ada /Drum/')));
        self::assertSame(Verdict::Strains, self::children(self::names('Tam /Drum/'), self::names('Piers /Lorne/')));
    }

    public function test_nobody_of_whom_anything_is_told_has_no_lines_but_the_name(): void
    {
        $rows = self::rows([self::person('a', [], [], Sex::Unknown), self::person('b', [], [], Sex::Unknown)]);

        self::assertSame(['Name'], array_keys($rows));
    }

    public function test_lives_lie_on_one_axis(): void
    {
        [$lives, $from,
            $to] = LifeOnAxis::of([self::person('a', [], [self::event('1', 'birth', '1 Jan 1800'), self::event('2', 'death', '1900')]),
                self::person('b', [], [self::event('3', 'birth', '1 Jul 1850')])]);

        self::assertSame([1800, 1901], [$from, $to]);
        self::assertEqualsWithDelta(0.0, $lives[0]->marks[0][0], 0.01);
        self::assertEqualsWithDelta(0.5, $lives[1]->marks[0][0], 0.01);
        self::assertSame([[], 0, 0], [LifeOnAxis::of([self::person('a', [], [])])[0][0]->marks, 0, 0]);
    }

    /** @return list<PersonalName> */
    private static function names(string ...$names): array
    {
        return array_map(PersonalName::parse(...), array_values($names));
    }

    /**
     * @param  list<PersonalName>  $mine
     * @param  list<PersonalName>  $theirs
     */
    private static function children(array $mine, array $theirs): Verdict
    {
        $people = [self::person('a', ['Una /Osk/'], []), self::person('b', ['Una /Osk/'], [])];

        return SideBySide::of($people, ['Children' => ['a' => $mine, 'b' => $theirs]])[2]->verdict;
    }

    /**
     * @param  list<Person>  $people
     * @return array<string, ComparedRow> by aspect
     */
    private static function rows(array $people): array
    {
        $rows = SideBySide::of($people, []);

        return array_combine(array_column($rows, 'aspect'), $rows);
    }
}
