<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin\Numbering;

use NorthBough\Core\Kin\Numbering\CountedLines;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\LineNumber;
use NorthBough\Core\Kin\Numbering\Numbering;
use NorthBough\Core\Kin\Numbering\NumberSystems;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\TreeView;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers of some people are those of the whole line, and whoever has a number is found by it. */
final class NumberingTest extends TestCase
{
    #[DataProvider('systems')]
    public function test_the_numbers_of_one_are_those_of_the_whole_line(string $system): void
    {
        $tree = self::tree();
        $lines = CountedLines::ofTree($tree, new LineChoice(step: true));
        $whole = [];
        foreach (NumberSystems::numbered(NumberSystems::all()[$system], $lines, 'odd', PHP_INT_MAX)->list as $one) {
            if ($one->number !== '') {
                $whole[$one->personId][] = (new LineNumber($one->number, $one->isProvisional))->shown();
            }
        }
        self::assertGreaterThan(5, count($whole));
        $numbering = new Numbering($system, 'odd', [], new LineChoice(step: true));
        foreach ($whole as $id => $numbers) {
            $own = $numbering->of([(string) $id], $tree, $lines)[$id];
            self::assertSame($numbers, array_map(static fn (LineNumber $one): string => $one->shown(), $own), (string) $id);
            foreach ($numbers as $number) {
                self::assertSame([(string) $id], $numbering->whoHas($number, $tree, $lines), $number);
            }
        }
        self::assertSame(array_map(strval(...), array_keys($whole)),
            array_values(array_unique(array_column($numbering->everybody($tree, $lines), 0))));
        self::assertSame([], $numbering->of(['stranger', 'nobody'], $tree, $lines));
    }

    /** @return iterable<string, array{string}> */
    public static function systems(): iterable
    {
        foreach (array_keys(NumberSystems::all()) as $code) {
            yield $code => [$code];
        }
    }

    public function test_ancestors_are_found_by_their_number(): void
    {
        $tree = self::tree();
        $lines = CountedLines::ofTree($tree, new LineChoice);
        $numbering = new Numbering(Numbering::ANCESTORS, 'wilf', [], new LineChoice);

        foreach (['1' => 'wilf', '2' => 'tam', '3' => 'ailie', '5' => 'mab', '6' => 'gavin', '10' => 'odd',
            '12' => 'odd'] as $number => $id) {
            self::assertSame([$id], $numbering->whoHas((string) $number, $tree, $lines), (string) $number);
        }
        foreach (['0', '4', '99', '9999999999999999999999', '-2', '1.2', ''] as $nobody) {
            self::assertSame([], $numbering->whoHas($nobody, $tree, $lines), $nobody);
        }
        $numbers = $numbering->of(['odd', 'ewan'], $tree, $lines);
        self::assertSame(['10', '12'], array_column($numbers['odd'], 'number'));
        self::assertArrayNotHasKey('ewan', $numbers);
    }

    /** @param  list<string>  $typed */
    #[DataProvider('noNumbers')]
    public function test_what_is_no_number_of_a_system_is_nobodys(string $system, array $typed): void
    {
        $tree = self::tree();
        $lines = CountedLines::ofTree($tree, new LineChoice);
        foreach ($typed as $words) {
            self::assertSame([], (new Numbering($system, 'odd', [], new LineChoice))->whoHas($words, $tree, $lines), $words);
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function noNumbers(): iterable
    {
        yield 'd’Aboville' => ['daboville', ['', '2', '1.', '1..1', '1.0', '1.9', '1.1x', '.1', 'Tarrel', '1.1.1.1.1.1.1.1']];
        yield 'Henry' => ['henry', ['', '2', '10', '19', '1(', '1(99)', '1é']];
        yield 'Henry, modified' => ['modified-henry', ['', '1A', '1()', '1(1', '10']];
        yield 'de Villiers and Pama' => ['villiers-pama', ['', 'b', 'c1', 'b1.b2', 'b1c1', 'b0', 'a.b1']];
        yield 'Register' => ['register', ['', '0', '99', 'i', '1.1']];
    }

    private static function tree(): TreeView
    {
        return (new Isles)->person('odd', 'Odd Tarrel b 1700')->person('first', 'Nan Osk')->person('second', 'Ros Drum')
            ->person('gavin', 'Gavin Tarrel b 1725')->person('ninian', 'Ninian Tarrel b 1727')->person('mab', 'Mab Tarrel w b 1730')
            ->person('ewan', 'Ewan Tarrel b 1736')->person('isobel', 'Isobel Tarrel')->person('step', 'Step Drum b 1729')
            ->person('ailie', 'Ailie Tarrel b 1750')->person('hugh', 'Hugh Tarrel b 1752')->person('tam', 'Tam Averay h b 1751')
            ->person('bruna', 'Bruna Tarrel b 1760')->person('wilf', 'Wilf Averay b 1775')->person('before', 'Col Drum')
            ->person('grand', 'Una Averay b 1800')->person('taken', 'Taken Drum b 1777')->person('stranger', 'Piers Lorne')
            ->union('one', ['odd', 'first'], ['gavin', 'ninian', 'mab'], '1724')->union('was', ['before', 'second'], ['step'])
            ->union('second', ['odd', 'second'], ['ewan', 'isobel'], '1735')
            ->union('g', ['gavin'], ['ailie', 'hugh'])->union('m', ['mab'], ['tam'])
            ->union('w', ['tam', 'ailie'], ['wilf'])->union('e', ['ewan'], ['bruna'])->union('wi', ['wilf'], ['grand'])
            ->union('t', ['step'], ['taken'], kind: ParentageKind::Adoptive)->tree();
    }
}
