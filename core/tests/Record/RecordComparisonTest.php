<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\AssertionCheck;
use NorthBough\Core\Record\RecordComparison;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The ties that a household tells, against every way in which the tree may have them. */
final class RecordComparisonTest extends TestCase
{
    /**
     * @return iterable<string, array{\Closure(): Isles, array<string, string>}> the tree, and what is found of a tie by its
     *     lines: state, and whether it is wanted
     */
    public static function households(): iterable
    {
        yield 'nobody is tied' => [static fn (): Isles => self::people(),
            ['partner wife head' => 'new +', 'child son head' => 'new +', 'child son wife' => 'new -']];
        yield 'the family as it stands, wed before the birth' => [static fn (): Isles => self::people()
            ->union('u', ['head', 'wife'], ['son'], '1870'),
            ['partner wife head' => 'agrees +', 'child son head' => 'agrees +', 'child son wife' => 'agrees +']];
        yield 'a couple, and the child of nobody' => [static fn (): Isles => self::people()->union('u', ['head', 'wife'], [], '1870'),
            ['partner wife head' => 'agrees +', 'child son head' => 'new +', 'child son wife' => 'new +']];
        yield 'a couple that was wed after the birth' => [static fn (): Isles => self::people()->union('u', ['head', 'wife'], [], '1879'),
            ['partner wife head' => 'agrees +', 'child son head' => 'new +', 'child son wife' => 'new -']];
        yield 'a couple of whom no wedding is known' => [static fn (): Isles => self::people()->union('u', ['head', 'wife'], []),
            ['partner wife head' => 'agrees +', 'child son head' => 'new +', 'child son wife' => 'new -']];
        yield 'the child has two other parents' => [static fn (): Isles => self::people()->person('p', 'Bran Osk h')
            ->person('q', 'Moll Osk w')->union('o', ['p', 'q'], ['son']),
            ['partner wife head' => 'new +', 'child son head' => 'contradicts -', 'child son wife' => 'remark -']];
        yield 'the child has two foster parents' => [static fn (): Isles => self::people()->person('p', 'Bran Osk h')
            ->person('q', 'Moll Osk w')
            ->union('o', ['p', 'q'], ['son'], '', ParentageKind::Foster),
            ['child son head' => 'new +', 'child son wife' => 'new -']];
        yield 'one of two other parents was ruled out' => [static fn (): Isles => self::people()->person('p', 'Bran Osk h')
            ->person('q', 'Moll Osk w')->union('o', ['p', 'q'], ['son'])
            ->tie('son', 'p', ParentageKind::Birth, standing: Standing::RuledOut),
            ['child son head' => 'new +', 'child son wife' => 'new -']];
        yield 'one of two other parents is a rival' => [static fn (): Isles => self::people()->person('p', 'Bran Osk h')
            ->person('q', 'Moll Osk w')->union('o', ['p', 'q'], ['son'])
            ->tie('son', 'p', ParentageKind::Birth, standing: Standing::Rival),
            ['child son head' => 'new +', 'child son wife' => 'new -']];
        yield 'the head himself was ruled out' => [static fn (): Isles => self::people()->union('u', ['head', 'wife'], ['son'], '1870')
            ->tie('son', 'head', ParentageKind::Birth, standing: Standing::RuledOut),
            ['partner wife head' => 'agrees +', 'child son head' => 'repeats +', 'child son wife' => 'agrees +']];
        yield 'the wife was ruled out' => [static fn (): Isles => self::people()->union('u', ['head', 'wife'], ['son'], '1870')
            ->tie('son', 'wife', ParentageKind::Birth, standing: Standing::RuledOut),
            ['child son head' => 'agrees +', 'child son wife' => 'remark -']];
    }

    /**
     * @param  \Closure(): Isles  $isles
     * @param  array<string, string>  $expected
     */
    #[DataProvider('households')]
    public function test_what_a_household_tells_of_ties(\Closure $isles, array $expected): void
    {
        self::assertSame($expected,
            array_intersect_key(self::ties($isles(), ['head' => 'head', 'wife' => 'wife', 'son' => 'son']), $expected));
    }

    /** Of somebody whom nobody placed everything is new, and nothing is forgotten. */
    public function test_of_nobody_everything_is_new(): void
    {
        foreach (self::told(self::people(), []) as $told) {
            self::assertContains($told->state->value, ['new', 'remark'], $told->assertion->kind);
            self::assertFalse($told->repeatsRuledOut);
        }
    }

    /** Whoever is placed, the same things are told; only how they stand changes. */
    public function test_placing_changes_how_things_stand_and_not_what_is_told(): void
    {
        $keys = static fn (array $all): array => array_map(
            static fn (AssertionCheck $assertionCheck): string => $assertionCheck->assertion->key(), $all);
        $isles = self::people()->union('u', ['head', 'wife'], ['son'], '1870');
        foreach ([['head' => 'head'], ['wife' => 'wife'], ['son' => 'son'], ['head' => 'son', 'son' => 'head']] as $placed) {
            self::assertSame($keys(self::told($isles, [])), $keys(self::told($isles, $placed)));
        }
    }

    public function test_a_marriage_that_came_from_this_very_page_is_no_support_for_a_mother(): void
    {
        $isles = self::people()->union('u', ['head', 'wife'], [], '1870');
        $marriage = static fn (string $record): Event => new Event('m', 'marriage', '', '', GenDate::parse('1870'), '', false,
            [new \NorthBough\Core\Tree\CitedEvidence('c', $record, Isles::register(), 'sheet 3', 'Wife')]);
        $tree = $isles->tree();
        $union = $tree->unionsOf(['head'])['head'][0];
        foreach (['record' => 'new -', 'another' => 'new +'] as $record => $expected) {
            $with = new \NorthBough\Core\Tree\Snapshot(array_values($tree->lives(['head', 'wife', 'son'])),
                [$union->telling([$marriage($record)])], []);
            self::assertSame($expected,
                self::tiesOf(self::toldOf($with, ['head' => 'head', 'wife' => 'wife', 'son' => 'son']))['child son wife'], $record);
        }
    }

    public function test_a_sex_that_the_tree_has_otherwise_contradicts(): void
    {
        $isles = (new Isles)->person('head', 'Ewan Tarrel w b 1847')->person('wife', 'Isbel Quillan w b 1850')->person('son', 'Tam Tarrel');
        $states = [];
        foreach (self::told($isles, ['head' => 'head', 'wife' => 'wife', 'son' => 'son']) as $told) {
            if ($told->assertion->kind === 'sex') {
                $states[$told->assertion->lineId] = $told->state->value;
            }
        }
        self::assertSame(['head' => 'contradicts', 'wife' => 'agrees', 'son' => 'new'], $states);
    }

    private static function people(): Isles
    {
        return (new Isles)->person('head', 'Ewan Tarrel h b 1847')->person('wife', 'Isbel Quillan w b 1850')
            ->person('son', 'Tam Tarrel h b 1875');
    }

    /**
     * @param  array<string, string>  $placed
     * @return array<string, string> by tie and lines: state and whether it is wanted
     */
    private static function ties(Isles $isles, array $placed): array
    {
        return self::tiesOf(self::told($isles, $placed));
    }

    /**
     * @param  list<AssertionCheck>  $all
     * @return array<string, string>
     */
    private static function tiesOf(array $all): array
    {
        $ties = [];
        foreach ($all as $told) {
            if (in_array($told->assertion->of->value, ['partner', 'child'], true)) {
                $ties["{$told->assertion->of->value} {$told->assertion->lineId} {$told->assertion->otherLineId}"] = ($told->repeatsRuledOut
                    ? 'repeats' : $told->state->value).($told->isWanted ? ' +' : ' -');
            }
        }

        return $ties;
    }

    /**
     * @param  array<string, string>  $placed
     * @return list<AssertionCheck>
     */
    private static function told(Isles $isles, array $placed): array
    {
        return self::toldOf($isles->tree(), $placed);
    }

    /**
     * @param  array<string, string>  $placed
     * @return list<AssertionCheck>
     */
    private static function toldOf(\NorthBough\Core\Tree\Snapshot $tree, array $placed): array
    {
        $lines = [
            new RollLine('head', 'Ewan Tarrel', '', ['relation' => 'Head', 'sex' => 'M', 'age' => '34']),
            new RollLine('wife', 'Isbel Tarrel', '', ['relation' => 'Wife', 'sex' => 'F', 'age' => '31']),
            new RollLine('son', 'Tam Tarrel', '', ['relation' => 'Son', 'sex' => 'M', 'age' => '6']),
        ];
        $against = new RecordComparison(new Roll(RecordKinds::named('census-1881'), GenDate::parse('3 April 1881'), 'Hask', $lines),
            $placed, $tree, 'record', static fn (string $id): string => '');

        return array_merge(...array_map($against->of(...), $lines));
    }
}
