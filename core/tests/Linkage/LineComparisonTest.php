<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Linkage\Candidate;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\LineComparison;
use NorthBough\Core\Linkage\MatchWeight;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A line of a census and somebody of the tree, by themselves: which of two is the likelier, and who can never be it. */
final class LineComparisonTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<string, string>, string, string}> name on the line, columns, the
     *     likelier, the less likely
     */
    public static function pairs(): iterable
    {
        $man = ['relation' => 'Head', 'sex' => 'M', 'age' => '34', 'born' => 'Hask'];
        $wife = ['relation' => 'Wife', 'sex' => 'F', 'age' => '31', 'born' => 'Hask'];
        yield 'the same name before another' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847', 'Magnus Tarrel h b 1847'];
        yield 'the same surname before another' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847', 'Ewan Corran h b 1847'];
        yield 'the same before a spelling' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847', 'Ewan Tarrell h b 1847'];
        yield 'a spelling before another name' => ['Ewan Tarrel', $man, 'Ewan Tarrell h b 1847', 'Ewan Corran h b 1847'];
        yield 'an initial before another name' => ['E Tarrel', $man, 'Ewan Tarrel h b 1847', 'Magnus Tarrel h b 1847'];
        yield 'a second name left out before another name' => ['Ewan Tarrel', $man, 'Ewan Magnus Tarrel h b 1847',
            'Magnus Tarrel h b 1847'];
        yield 'the age that fits' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847', 'Ewan Tarrel h b 1852'];
        yield 'a year off before five' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1845', 'Ewan Tarrel h b 1841'];
        yield 'five years off before twenty' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1841', 'Ewan Tarrel h b 1826'];
        yield 'an age that fits before none known' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847', 'Ewan Tarrel h'];
        yield 'none known before twenty years off' => ['Ewan Tarrel', $man, 'Ewan Tarrel h', 'Ewan Tarrel h b 1826'];
        yield 'the birthplace' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847 Hask', 'Ewan Tarrel h b 1847 Pellmouth'];
        yield 'no birthplace before another' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847', 'Ewan Tarrel h b 1847 Pellmouth'];
        yield 'the sex' => ['Jean Tarrel', $man, 'Jean Tarrel h b 1847', 'Jean Tarrel w b 1847'];
        yield 'the living before the dead' => ['Ewan Tarrel', $man, 'Ewan Tarrel h b 1847 d 1900', 'Ewan Tarrel h b 1847 d 1880'];
        yield 'a wife under her husband’s surname before a stranger' => ['Isbel Tarrel', $wife, 'Isbel Quillan w b 1850',
            'Annot Quillan w b 1850'];
        yield 'a form of the name before another' => ['Isobel Tarrel', $wife, 'Isbel Tarrel w b 1850', 'Annot Tarrel w b 1850'];
    }

    /** @param  array<string, string>  $columns */
    #[DataProvider('pairs')]
    public function test_which_of_two_is_the_likelier(string $name, array $columns, string $likelier, string $less): void
    {
        self::assertGreaterThan(self::likeness($name, $columns, $less)->logOdds, self::likeness($name, $columns, $likelier)->logOdds);
    }

    public function test_months_of_a_small_child_are_not_years_out(): void
    {
        $child = ['relation' => 'Son', 'sex' => 'M', 'age' => '3 mo'];
        $right = self::likeness('Tam Tarrel', $child, 'Tam Tarrel h b Jan 1881')->logOdds;
        self::assertGreaterThan(5.0, $right);
        foreach (['1877', '1878', '1879'] as $year) {
            self::assertLessThan($right - 2.0, self::likeness('Tam Tarrel', $child, "Tam Tarrel h b {$year}")->logOdds, $year);
        }
    }

    public function test_who_was_dead_or_unborn_is_never_it(): void
    {
        foreach (['Ewan Tarrel h b 1847 d 1880', 'Ewan Tarrel h b 1882', 'Ewan Tarrel h d 3 May 1799'] as $life) {
            self::assertLessThanOrEqual(MatchWeight::NEVER,
                self::likeness('Ewan Tarrel', ['relation' => 'Head', 'sex' => 'M', 'age' => '34'], $life)->logOdds, $life);
        }
    }

    public function test_the_grounds_name_what_agreed_and_nothing_that_the_line_does_not_say(): void
    {
        $all = self::likeness('Ewan Tarrel', ['relation' => 'Head', 'sex' => 'M', 'age' => '34', 'born' => 'Hask'],
            'Ewan Tarrel h b 1847 Hask')->grounds;
        self::assertContains('Ewan is the same. Tarrel is the same.', $all);
        self::assertContains('Born at Hask.', $all);
        $few = implode(' ', self::likeness('Ewan Tarrel', ['relation' => 'Head'], 'Ewan Tarrel h b 1847 Hask')->grounds);
        self::assertStringNotContainsString('Born', $few);
        self::assertStringNotContainsString('age', strtolower($few));
    }

    /** @param  array<string, string>  $columns */
    private static function likeness(string $name, array $columns, string $life): MatchWeight
    {
        $head = new RollLine('head', 'Ewan Tarrel', '', ['relation' => 'Head', 'sex' => 'M']);
        $line = new RollLine('line', $name, '', $columns);
        $roll = new Roll(RecordKinds::named('census-1881'), GenDate::parse('3 April 1881'), 'Hask',
            $columns['relation'] === 'Head' ? [$line] : [$head, $line]);

        return (new LineComparison($roll, NameVariants::usual()))->of($line, self::candidate($life));
    }

    private static function candidate(string $life): Candidate
    {
        return Candidates::around((new Isles)->person('x', $life)->tree(), ['x'])->all['x'];
    }
}
