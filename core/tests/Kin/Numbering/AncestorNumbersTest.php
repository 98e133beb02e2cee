<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin\Numbering;

use NorthBough\Core\Kin\Numbering\Ancestor;
use NorthBough\Core\Kin\Numbering\AncestorNumbers;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use PHPUnit\Framework\TestCase;

final class AncestorNumbersTest extends TestCase
{
    public function test_fathers_are_even_mothers_odd_and_an_ancestor_twice_is_told_once(): void
    {
        $tree = (new Isles)->person('wilf', 'Wilf Tarrel')->person('pa', 'Tam Tarrel h')->person('ma', 'Ailie Tarrel w')
            ->person('gavin', 'Gavin Tarrel h')->person('hugh', 'Hugh Tarrel h')->person('odd', 'Odd Tarrel h')->person('nan', 'Nan Osk w')
            ->union('a', ['pa', 'ma'], ['wilf'])->union('b', ['gavin'], ['pa'])->union('c', ['hugh'], ['ma'])
            ->union('d', ['odd', 'nan'], ['gavin', 'hugh'])->union('e', ['nan'], ['odd'])->tree();

        $list = AncestorNumbers::above($tree, 'wilf', 6, new LineChoice);

        // Odd and Nan are grandparents of both parents: 8 and 9, and 12 and 13. Nan, who is also told to be Odd's mother, is 17.
        self::assertSame(['1 wilf', '2 pa', '3 ma', '4 gavin', '6 hugh', '8 odd', '9 nan', '12 odd see 8', '13 nan see 9', '17 nan see 9'],
            array_map(static fn (Ancestor $one): string => "{$one->number} {$one->personId}".($one->isFirst() ? ''
                : " see {$one->firstNumber}"),
                $list));
    }

    public function test_a_line_that_is_adopted_or_not_proved_stops_where_it_is_not_wanted(): void
    {
        $tree = (new Isles)->person('wilf', 'Wilf Tarrel')->person('pa', 'Tam Tarrel h')->person('said', 'Odd Tarrel h')
            ->union('a', ['pa'], ['wilf'], kind: ParentageKind::Adoptive)->union('b', ['said'], ['pa'], proof: Proof::Probable)->tree();
        $numbers = static fn (LineChoice $choice): array => array_column(AncestorNumbers::above($tree, 'wilf', 9, $choice), 'number');

        self::assertSame(['1', '2', '4'], $numbers(new LineChoice));
        self::assertSame(['1', '2'], $numbers(new LineChoice(unproved: false)));
        self::assertSame(['1'], $numbers(new LineChoice(adopted: false)));
    }
}
