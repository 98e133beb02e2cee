<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin\Numbering;

use NorthBough\Core\Kin\Numbering\CountedLines;
use NorthBough\Core\Kin\Numbering\Daboville;
use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\Descent;
use NorthBough\Core\Kin\Numbering\Henry;
use NorthBough\Core\Kin\Numbering\LineChild;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\LineFamily;
use NorthBough\Core\Kin\Numbering\Lines;
use NorthBough\Core\Kin\Numbering\ModifiedHenry;
use NorthBough\Core\Kin\Numbering\ModifiedRegisterNumbers;
use NorthBough\Core\Kin\Numbering\NumberSystem;
use NorthBough\Core\Kin\Numbering\NumberSystems;
use NorthBough\Core\Kin\Numbering\RegisterNumbers;
use NorthBough\Core\Kin\Numbering\VilliersPama;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\TreeView;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * One family, numbered by hand. Odd had two wives: by the first Gavin, Ninian who had no child, and Mab; by the second Ewan and a
 * daughter, Isobel, of whose birth nothing is known. Gavin's daughter Ailie married Mab's son Tam, her cousin: their child Wilf
 * descends twice.
 */
final class NumberSystemsTest extends TestCase
{
    /** @param  array<string, string>  $numbers  by person, the second of those who are come to twice as "wilf again" */
    #[DataProvider('systems')]
    public function test_numbers_are_those_worked_out_by_hand(NumberSystem $system, array $numbers): void
    {
        self::assertSame($numbers, self::numbers(NumberSystems::numbered($system, self::lines(), 'odd', 20)));
    }

    /** @return iterable<string, array{NumberSystem, array<string, string>}> */
    public static function systems(): iterable
    {
        yield 'd’Aboville' => [new Daboville, ['odd' => '1', 'gavin' => '1.1', 'ailie' => '1.1.1', 'wilf' => '1.1.1.1', 'hugh' => '1.1.2',
            'ninian' => '1.2', 'mab' => '1.3', 'tam' => '1.3.1', 'wilf again' => '1.3.1.1', 'ewan' => '1.4', 'bruna' => '1.4.1',
            'isobel' => '1.5']];
        yield 'Henry' => [new Henry, ['odd' => '1', 'gavin' => '11', 'ailie' => '111', 'wilf' => '1111', 'hugh' => '112', 'ninian' => '12',
            'mab' => '13', 'tam' => '131', 'wilf again' => '1311', 'ewan' => '14', 'bruna' => '141', 'isobel' => '15']];
        yield 'de Villiers and Pama' => [new VilliersPama, ['odd' => 'a', 'gavin' => 'b1', 'ailie' => 'b1.c1', 'wilf' => 'b1.c1.d1',
            'hugh' => 'b1.c2', 'ninian' => 'b2', 'mab' => 'b3', 'tam' => 'b3.c1', 'wilf again' => 'b3.c1.d1', 'ewan' => 'b4',
            'bruna' => 'b4.c1', 'isobel' => 'b5']];
        // Only those with children are carried on; they are numbered as they are listed under their parents.
        yield 'Register' => [new RegisterNumbers, ['odd' => '1', 'gavin' => '2', 'ninian' => '', 'mab' => '3', 'ewan' => '4',
            'isobel' => '',
            'ailie' => '5', 'hugh' => '', 'tam' => '6', 'bruna' => '', 'wilf' => '', 'wilf again' => '']];
        yield 'Register, modified' => [new ModifiedRegisterNumbers, ['odd' => '1', 'gavin' => '2', 'ninian' => '3', 'mab' => '4',
            'ewan' => '5',
            'isobel' => '6', 'ailie' => '7', 'hugh' => '8', 'tam' => '9', 'bruna' => '10', 'wilf' => '11', 'wilf again' => '12']];
    }

    public function test_who_descends_twice_is_told_at_the_first_and_pointed_to_from_the_other(): void
    {
        $list = NumberSystems::numbered(new Daboville, self::lines(), 'odd', 20)->list;
        $wilfs = array_values(array_filter($list, static fn (Descendant $one): bool => $one->personId === 'wilf'));

        self::assertSame(['1.1.1.1', '1.3.1.1'], array_column($wilfs, 'number'));
        self::assertSame(['1.1.1.1', '1.1.1.1'], array_map(static fn (Descendant $one): string => $list[$one->firstAt]->number, $wilfs));
    }

    public function test_numbers_of_children_whose_order_nobody_knows_are_provisional_and_so_is_what_hangs_by_them(): void
    {
        $list = NumberSystems::numbered(new Daboville, self::lines(), 'odd', 20)->list;
        $open = array_map(static fn (Descendant $one): string => $one->number, array_filter($list,
            static fn (Descendant $one): bool => $one->isProvisional));

        // Isobel may have come before any of them; Ailie and Hugh are dated apart but hang by Gavin. Only Odd is sure.
        self::assertCount(count($list) - 1, $open);

        $dated = self::isles('b 1740')->tree();
        $sure = NumberSystems::numbered(new Daboville, CountedLines::ofTree($dated, new LineChoice), 'odd', 20)->list;
        self::assertSame([], array_filter($sure, static fn (Descendant $one): bool => $one->isProvisional));
    }

    public function test_generations_and_unions_narrow_the_line(): void
    {
        self::assertSame(['odd' => '1', 'gavin' => '', 'ninian' => '', 'mab' => '', 'ewan' => '', 'isobel' => ''],
            self::numbers(NumberSystems::numbered(new RegisterNumbers, self::lines(), 'odd', 2)));
        self::assertSame(['odd' => '1', 'ewan' => '1.1', 'bruna' => '1.1.1', 'isobel' => '1.2'],
            self::numbers(NumberSystems::numbered(new Daboville, self::lines(), 'odd', 20, ['second'])));
    }

    public function test_children_are_counted_by_birth_though_two_unions_overlap(): void
    {
        $tree = (new Isles)->person('odd', 'Odd Tarrel')->person('a', 'A Osk')->person('b', 'B Drum')
            ->person('first', 'First Tarrel b 1801')->person('third', 'Third Tarrel b 1805')->person('second', 'Second Tarrel b 1803')
            ->union('ua', ['odd', 'a'], ['first', 'third'])->union('ub', ['odd', 'b'], ['second'])->tree();

        self::assertSame(['odd' => '1', 'first' => '1.1', 'second' => '1.2', 'third' => '1.3'],
            self::numbers(NumberSystems::numbered(new Daboville, CountedLines::ofTree($tree, new LineChoice), 'odd', 9)));
    }

    public function test_adopted_step_and_unproved_children_count_as_was_chosen(): void
    {
        $tree = (new Isles)->person('odd', 'Odd Tarrel')->person('wife', 'Nan Osk')->person('before', 'Sim Drum')->person('own',
            'Own Tarrel b 1800')
            ->person('taken', 'Taken Tarrel b 1802')->person('said', 'Said Tarrel b 1804')->person('step', 'Step Drum b 1790')
            ->union('was', ['before', 'wife'], ['step'])->union('is', ['odd', 'wife'], ['own'])
            ->union('took', ['odd'], ['taken'], kind: ParentageKind::Adoptive)->union('says', ['odd'], ['said'], proof: Proof::Probable)
            ->tree();
        $of = static fn (LineChoice $choice): array => array_keys(self::numbers(NumberSystems::numbered(new Daboville,
            CountedLines::ofTree($tree, $choice), 'odd', 9)));

        self::assertSame(['odd', 'own', 'taken', 'said'], $of(new LineChoice));
        self::assertSame(['odd', 'own'], $of(new LineChoice(adopted: false, unproved: false)));
        self::assertSame(['odd', 'step', 'own', 'taken', 'said'], $of(new LineChoice(step: true)));
    }

    public function test_a_loop_in_bad_data_ends_where_it_comes_round(): void
    {
        $tree = (new Isles)->person('odd', 'Odd Tarrel')->person('son', 'Gavin Tarrel')
            ->union('a', ['odd'], ['son'])->union('b', ['son'], ['odd'])->tree();

        foreach (NumberSystems::all() as $system) {
            self::assertCount(3, NumberSystems::numbered($system, CountedLines::ofTree($tree, new LineChoice), 'odd', 50)->list);
        }
    }

    /** @param  list<string>  $signs */
    #[DataProvider('largeFamilies')]
    public function test_the_tenth_child_and_those_after(NumberSystem $system, array $signs): void
    {
        $lines = new class implements Lines
        {
            public function families(array $personIds): array
            {
                return $personIds === ['p'] ? ['p' => [new LineFamily('u', [], array_map(
                    static fn (int $at): LineChild => new LineChild("c{$at}"), range(1, 37)))]] : [];
            }

            public function countedParents(array $childIds): array
            {
                return array_fill_keys($childIds, ['p']);
            }
        };
        $numbers = array_column(NumberSystems::numbered($system, $lines, 'p', 3)->list, 'number');

        self::assertSame($signs, [$numbers[9], $numbers[10], $numbers[11], $numbers[33], $numbers[34], $numbers[35], $numbers[36]]);
    }

    /** @return iterable<string, array{NumberSystem, list<string>}> */
    public static function largeFamilies(): iterable
    {
        yield 'Henry' => [new Henry, ['19', '1X', '1A', '1W', '1Y', '1Z', '1(36)']];
        yield 'Henry, modified' => [new ModifiedHenry, ['19', '1(10)', '1(11)', '1(33)', '1(34)', '1(35)', '1(36)']];
        yield 'd’Aboville' => [new Daboville, ['1.9', '1.10', '1.11', '1.33', '1.34', '1.35', '1.36']];
    }

    private static function lines(): CountedLines
    {
        return CountedLines::ofTree(self::tree(), new LineChoice);
    }

    private static function tree(): TreeView
    {
        return self::isles('')->tree();
    }

    private static function isles(string $isobel): Isles
    {
        return (new Isles)->person('odd', 'Odd Tarrel b 1700')->person('first', 'Nan Osk')->person('second', 'Ros Drum')
            ->person('gavin', 'Gavin Tarrel b 1725')->person('ninian', 'Ninian Tarrel b 1727')->person('mab', 'Mab Tarrel b 1730')
            ->person('ewan', 'Ewan Tarrel b 1736')->person('isobel', trim("Isobel Tarrel {$isobel}"))
            ->person('ailie', 'Ailie Tarrel b 1750')->person('hugh', 'Hugh Tarrel b 1752')->person('tam', 'Tam Averay b 1751')
            ->person('bruna', 'Bruna Tarrel b 1760')->person('wilf', 'Wilf Averay b 1775')
            ->union('one', ['odd', 'first'], ['gavin', 'ninian', 'mab'], '1724')
            ->union('second', ['odd', 'second'], ['ewan', 'isobel'], '1735')
            ->union('g', ['gavin'], ['ailie', 'hugh'])->union('m', ['mab'], ['tam'])
            ->union('w', ['tam', 'ailie'], ['wilf'])->union('e', ['ewan'], ['bruna']);
    }

    /** @return array<string, string> */
    private static function numbers(Descent $descent): array
    {
        $numbers = [];
        foreach ($descent->list as $one) {
            $numbers[$one->personId.(isset($numbers[$one->personId]) ? ' again' : '')] = $one->number;
        }

        return $numbers;
    }
}
