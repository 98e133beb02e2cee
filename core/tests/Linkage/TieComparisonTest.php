<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\CandidateTies;
use NorthBough\Core\Linkage\TieComparison;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a page says two of its lines are to one another, against what the tree knows of two people. */
final class TieComparisonTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, string}> line, its person, other line, its person, what it speaks */
    public static function pairs(): iterable
    {
        yield 'head and wife, a couple of the tree' => ['head', 'magnus', 'wife', 'isbel', 'strongly for'];
        yield 'the same the other way' => ['wife', 'isbel', 'head', 'magnus', 'strongly for'];
        yield 'head and wife, no couple' => ['head', 'magnus', 'wife', 'lone', 'against'];
        yield 'head and wife, father and daughter' => ['head', 'magnus', 'wife', 'jean', 'against'];
        yield 'head and son' => ['head', 'magnus', 'son', 'ewan', 'strongly for'];
        yield 'a son who has both parents already' => ['son', 'ewan', 'head', 'lone', 'strongly against'];
        yield 'a stepson called a son' => ['son', 'half', 'wife', 'isbel', 'for'];
        yield 'wife and son, mother and son' => ['wife', 'isbel', 'son', 'ewan', 'for'];
        yield 'wife and son, nothing to one another' => ['wife', 'isbel', 'son', 'lone', 'against'];
        yield 'son and daughter, siblings' => ['son', 'ewan', 'daughter', 'jean', 'for'];
        yield 'a visitor who is a sister' => ['visitor', 'jean', 'son', 'ewan', 'for'];
        yield 'a visitor who is nobody' => ['visitor', 'lone', 'son', 'ewan', 'nothing'];
    }

    #[DataProvider('pairs')]
    public function test_what_two_lines_speak_for(string $line, string $person, string $other, string $otherPerson, string $speaks): void
    {
        $weight = self::ties()->of(self::line($line), $person, self::line($other), $otherPerson);
        self::assertSame($speaks, match (true) {
            $weight >= 4.0 => 'strongly for',
            $weight > 0.0 => 'for',
            $weight === 0.0 => 'nothing',
            $weight <= -4.0 => 'strongly against',
            default => 'against',
        }, (string) $weight);
    }

    /** Whatever it speaks, it speaks the same from both ends. */
    public function test_it_is_the_same_from_both_ends(): void
    {
        $ties = self::ties();
        foreach (['head', 'wife', 'son', 'daughter'] as $line) {
            foreach (['head', 'wife', 'son', 'daughter'] as $other) {
                foreach ($line === $other ? [] : [['magnus', 'isbel'], ['magnus', 'ewan'], ['ewan', 'jean']] as [$one, $two]) {
                    // A third parent speaks against the child alone.
                    $there = $ties->of(self::line($line), $one, self::line($other), $two);
                    $back = $ties->of(self::line($other), $two, self::line($line), $one);
                    self::assertSame($there > 0, $back > 0, "{$line} {$one}, {$other} {$two}");
                }
            }
        }
    }

    public function test_a_partner_who_is_a_stranger_speaks_against_whoever_has_one(): void
    {
        $ties = self::ties();
        self::assertLessThan(0.0, $ties->ofStranger(self::line('head'), 'magnus', self::line('wife')));
        self::assertSame(0.0, $ties->ofStranger(self::line('head'), 'lone', self::line('wife')));
        self::assertSame(0.0, $ties->ofStranger(self::line('head'), 'magnus', self::line('visitor')));
        self::assertLessThan(0.0, $ties->ofStranger(self::line('son'), 'ewan', self::line('head')));
    }

    public function test_the_tie_that_agreed_is_named(): void
    {
        $ties = self::ties();
        self::assertSame(RoleRelation::Partner, $ties->agreed(self::line('head'), 'magnus', self::line('wife'), 'isbel'));
        self::assertSame(RoleRelation::None, $ties->agreed(self::line('head'), 'magnus', self::line('wife'), 'jean'));
        self::assertSame(RoleRelation::Sibling, $ties->agreed(self::line('visitor'), 'jean', self::line('son'), 'ewan'));
    }

    private static function ties(): TieComparison
    {
        $tree = (new Isles)->person('magnus', 'Magnus Tarrel h b 1818')->person('isbel', 'Isbel Quillan w b 1822')
            ->person('first', 'Moll Corran w b 1820 d 1844')
            ->person('ewan', 'Ewan Tarrel h b 1847')->person('jean', 'Jean Tarrel w b 1850')->person('half', 'Tam Tarrel h b 1843')
            ->person('lone', 'Lone Drum b 1820')
            ->union('1', ['magnus', 'first'], ['half'], '1842')->union('2', ['magnus', 'isbel'], ['ewan', 'jean'], '1846')->tree();
        $candidates = Candidates::around($tree, ['magnus', 'isbel', 'ewan', 'jean', 'half', 'lone'], 2);
        $roll = new Roll(RecordKinds::named('census-1881'), GenDate::parse('3 April 1881'), 'Hask',
            array_map(self::line(...), ['head', 'wife', 'son', 'daughter', 'visitor']));

        return new TieComparison($roll, new CandidateTies($candidates), $candidates);
    }

    private static function line(string $which): RollLine
    {
        return new RollLine($which, ucfirst($which), '', ['relation' => ucfirst($which)]);
    }
}
