<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin;

use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kin by marriage and by a parent's marriage, worked out by hand on one family of three generations. */
final class StepAndInLawTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> what the second is to the first */
    public static function kin(): iterable
    {
        $rows = [
            // Magnus lost Moll, and wed Isbel, who had Tam by Bran.
            ['half', 'isbel', ['stepmother']],
            ['isbel', 'half', ['stepson']],
            ['tam', 'magnus', ['stepfather']],
            ['magnus', 'tam', ['stepson']],
            ['half', 'tam', ['stepbrother']],
            ['tam', 'half', ['stepbrother']],
            ['half', 'ewan', ['half brother']],
            ['tam', 'ewan', ['half brother']],
            ['ewan', 'moll', []],
            ['moll', 'ewan', []],
            // Dead before Ewan was born.
            ['ewan', 'bran', []],
            // Above and below a step.
            ['half', 'isbelm', ['step-grandmother']],
            ['isbelm', 'half', ['step-grandson']],
            ['tam', 'old', ['step-grandfather']],
            ['kit', 'isbel', ['step-grandmother']],
            ['isbel', 'kit', ['step-granddaughter']],
            ['kit', 'isbelm', []],
            ['kit', 'moll', ['grandmother']],
            ['kit', 'tam', []],
            // By one's own marriage.
            ['magnus', 'isbelm', ['mother-in-law (wife\'s mother)']],
            ['isbel', 'old', ['father-in-law (husband\'s father)']],
            ['magnus', 'isis', ['sister-in-law (wife\'s sister)']],
            ['magnus', 'isnie', ['wife\'s niece']],
            // By the marriage of kin.
            ['old', 'isbel', ['daughter-in-law (son\'s wife)']],
            ['isis', 'magnus', ['brother-in-law (sister\'s husband)']],
            ['ewan', 'unclew', ['uncle\'s wife']],
            ['unclew', 'ewan', ['husband\'s nephew']],
            // By both.
            ['isbel', 'unclew', ['sister-in-law (husband\'s brother\'s wife)']],
            ['unclew', 'isbel', ['sister-in-law (husband\'s brother\'s wife)']],
            ['isis', 'unclew', []],
        ];
        foreach ($rows as [$one, $other, $terms]) {
            yield "{$one} → {$other}" => [$one, $other, $terms];
        }
    }

    /** @param  list<string>  $terms */
    #[DataProvider('kin')]
    public function test_what_one_is_to_another(string $one, string $other, array $terms): void
    {
        self::assertSame($terms, self::terms(self::isles(), $one, $other));
    }

    public function test_what_is_open_of_somebody_between_is_told_at_the_end(): void
    {
        $isles = (new Isles)->person('p', 'Old Drum h')->person('one', 'One Drum h')->person('uncle', 'Uncle Drum h')
            ->person('wife', 'A Wife w')->person('me', 'Me Drum h')
            ->union('1', ['p'], ['one', 'uncle'])->union('2', ['one'], ['me'])->union('3', ['uncle', 'wife'], [], '1850');
        self::assertSame(["uncle's wife, half or full"], self::terms($isles, 'me', 'wife'));
        self::assertSame(["sister-in-law (brother's wife, half or full)"], self::terms($isles, 'one', 'wife'));
    }

    /** @return iterable<string, array{string, string, list<string>}> a line of four generations, the first of whom wed twice more */
    public static function farSteps(): iterable
    {
        $rows = [
            ['son', 'second', ['stepmother']],
            ['grandson', 'second', ['step-grandmother']],
            ['great', 'second', ['step-great-grandmother']],
            ['second', 'grandson', ['step-grandson']],
            ['second', 'great', ['step-great-granddaughter']],
            // Dead before the son was born: never his stepmother, so nobody's step-grandmother.
            ['son', 'first', []],
            ['great', 'first', []],
            ['first', 'great', []],
            // Her own grandchild is no step, though her husband has others.
            ['ownchild', 'second', ['grandmother']],
            ['second', 'ownchild', ['grandson']],
            // Children of the two marriages' children are half first cousins, and the first wife is nothing to either.
            ['grandson', 'ownchild', ['half first cousin']],
            ['ownchild', 'mother', ['step-grandmother']],
        ];
        foreach ($rows as [$one, $other, $terms]) {
            yield "{$one} → {$other}" => [$one, $other, $terms];
        }
    }

    /** @param  list<string>  $terms */
    #[DataProvider('farSteps')]
    public function test_steps_of_those_above_and_below(string $one, string $other, array $terms): void
    {
        self::assertSame($terms, self::terms(self::lineOfFour(), $one, $other));
    }

    public function test_a_far_step_tells_its_way(): void
    {
        [$down] = Kinship::between(self::lineOfFour()->tree(), 'second', 'great');
        [$up] = Kinship::between(self::lineOfFour()->tree(), 'great', 'second');
        self::assertSame([['great', 'grandson', 'son', 'head', 'second']], $up->paths);
        self::assertSame([['second', 'head', 'son', 'grandson', 'great']], $down->paths);
        self::assertSame([4, 4], [$up->distance, $down->distance]);
    }

    public function test_a_far_step_by_two_lines_is_told_once_with_both(): void
    {
        $isles = (new Isles)->person('head', 'Head Corran h')->person('mother', 'His Wife w')->person('second', 'Later Wife w')
            ->person('a', 'Ann Corran w')->person('b', 'Ben Corran h')->person('x', 'Xan Osk')->person('aw', 'Ann Osk h')
            ->union('1', ['head', 'mother'], ['a', 'b'])->union('2', ['head', 'second'], [], '1850')->union('3', ['a', 'b'], ['x']);
        $found = Kinship::between($isles->tree(), 'x', 'second');
        self::assertSame(['step-grandmother'], array_map(static fn (Relationship $kin): string => $kin->term, $found));
        self::assertSame(2, $found[0]->total);
        self::assertEqualsCanonicalizing([['x', 'a', 'head', 'second'], ['x', 'b', 'head', 'second']], $found[0]->paths);
    }

    private static function lineOfFour(): Isles
    {
        return (new Isles)->person('head', 'Head Corran h b 1800')->person('first', 'First Wife w b 1800 d 1825')
            ->person('mother', 'His Mother w b 1805')->person('second', 'Later Wife w b 1810')
            ->person('son', 'A Son h b 1830')->person('grandson', 'A Grandson h b 1855')->person('great', 'A Great w b 1880')
            ->person('own', 'Own Daughter w b 1845')->person('ownchild', 'Own Grandson h b 1870')
            ->union('0', ['head', 'first'], [], '1820')->union('1', ['head', 'mother'], ['son'], '1828')
            ->union('2', ['head', 'second'], ['own'], '1844')
            ->union('3', ['son'], ['grandson'])->union('4', ['grandson'], ['great'])->union('5', ['own'], ['ownchild']);
    }

    /** @return iterable<string, array{Standing, list<string>}> */
    public static function standings(): iterable
    {
        yield 'not weighed' => [Standing::Unweighed, ['stepmother']];
        yield 'accepted' => [Standing::Accepted, ['stepmother']];
        yield 'ruled out' => [Standing::RuledOut, []];
    }

    /** @param  list<string>  $terms */
    #[DataProvider('standings')]
    public function test_a_parent_who_was_ruled_out_makes_nobody_a_step(Standing $standing, array $terms): void
    {
        $isles = (new Isles)->person('child', 'A Child w b 1860')->person('father', 'A Father h')->person('wife', 'A Wife w')
            ->union('1', ['father'], ['child'])->tie('child', 'father', ParentageKind::Birth, standing: $standing)
            ->union('2', ['father', 'wife'], [], '1870');
        self::assertSame($terms, self::terms($isles, 'child', 'wife'));
    }

    /** Whatever way one is kin of another, the other is kin of the one in as many ways, or told by the marriage between. */
    public function test_who_is_a_step_of_somebody_has_them_for_a_step(): void
    {
        $isles = self::isles();
        $people = ['old', 'magnus', 'moll', 'isbel', 'bran', 'half', 'tam', 'ewan', 'kit', 'isbelm', 'isis'];
        foreach ($people as $person) {
            foreach ($people as $otherPerson) {
                $isParentOrChild = array_intersect(self::terms($isles, $person, $otherPerson),
                    ['stepmother', 'stepfather', 'stepson', 'stepdaughter', 'stepbrother', 'stepsister']);
                if ($isParentOrChild !== []) {
                    self::assertNotSame([], preg_grep('/^step/', self::terms($isles, $otherPerson, $person)),
                        "{$person} and {$otherPerson}");
                }
            }
        }
    }

    private static function isles(): Isles
    {
        return (new Isles)->person('old', 'Old Tarrel h b 1790')->person('oldw', 'Old Osk w b 1792')
            ->person('isbelf', 'Jory Quillan h b 1790')->person('magnus', 'Magnus Tarrel h b 1818')
            ->person('uncle', 'Uncle Tarrel h b 1820')->person('unclew', 'Annot Corran w b 1822')
            ->person('moll', 'Moll Drum w b 1820 d 1844')->person('isbel', 'Isbel Quillan w b 1822')
            ->person('bran', 'Bran Osk h b 1815 d 1845')
            ->person('isbelm', 'Old Quillan w b 1795')->person('isis', 'Una Quillan w b 1825')->person('isnie', 'Jean Penhask w b 1850')
            ->person('half', 'Half Tarrel h b 1842')->person('tam', 'Tam Osk h b 1843')->person('ewan', 'Ewan Tarrel h b 1848')
            ->person('kit', 'Kit Tarrel w b 1870')
            ->union('o', ['old', 'oldw'], ['magnus', 'uncle'])->union('q', ['isbelf', 'isbelm'], ['isbel', 'isis'])
            ->union('n', ['isis'], ['isnie'])->union('un', ['uncle', 'unclew'], [], '1845')
            ->union('1', ['magnus', 'moll'], ['half'], '1841')->union('2', ['bran', 'isbel'], ['tam'], '1842')
            ->union('3', ['magnus', 'isbel'], ['ewan'], '1846')->union('h', ['half'], ['kit']);
    }

    /** @return list<string> */
    private static function terms(Isles $isles, string $one, string $other): array
    {
        return array_map(static fn (Relationship $relationship): string => $relationship->term,
            Kinship::between($isles->tree(), $one, $other));
    }
}
