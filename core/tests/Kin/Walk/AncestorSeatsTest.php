<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin\Walk;

use NorthBough\Core\Kin\Walk\AncestorSeat;
use NorthBough\Core\Kin\Walk\AncestorSeats;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\TreeView;
use PHPUnit\Framework\TestCase;

/** Who sits where in a pedigree, by Kekule's numbers, worked out by hand. */
final class AncestorSeatsTest extends TestCase
{
    public function test_fathers_are_even_and_mothers_odd_whichever_was_told_first(): void
    {
        $tree = (new Isles)->person('ada', 'Ada Tarrel w')->person('ewan', 'Ewan Tarrel h')->person('moll', 'Moll Stair w')
            ->person('jean', 'Jean Penhask w')->person('kit', 'Kit Penhask h')
            ->union('1', ['moll', 'ewan'], ['ada'])->union('2', ['jean'], ['ewan'])->union('3', ['kit'], ['jean'])->tree();

        self::assertSame([1 => 'ada', 2 => 'ewan', 3 => 'moll', 5 => 'jean', 10 => 'kit'], self::seats($tree, 'ada', 5));
    }

    public function test_two_of_one_sex_and_somebody_of_none_keep_the_order_in_which_they_were_told(): void
    {
        $tree = (new Isles)->person('a', 'A Osk')->person('b', 'B Osk w')->person('c', 'C Osk w')->person('d', 'D Osk')
            ->person('e', 'E Osk h')
            ->union('1', ['b', 'c'], ['a'])->union('2', ['d', 'e'], ['b'])->tree();

        self::assertSame([1 => 'a', 2 => 'b', 3 => 'c', 4 => 'e', 5 => 'd'], self::seats($tree, 'a', 3));
    }

    public function test_the_last_generation_says_whether_the_line_goes_on(): void
    {
        $tree = (new Isles)->person('a', 'A Osk')->person('b', 'B Osk h')->person('c', 'C Osk w')->person('d', 'D Osk h')
            ->union('1', ['b', 'c'], ['a'])->union('2', ['d'], ['b'])->tree();
        $goesOn = static fn (AncestorSeat $seat): bool => $seat->goesOn;

        self::assertSame([false, true, false], array_map($goesOn, AncestorSeats::above($tree, 'a', 2)));
        self::assertSame([false, false, false, false], array_map($goesOn, AncestorSeats::above($tree, 'a', 3)));
    }

    public function test_the_set_that_leads_is_followed_and_the_others_are_counted(): void
    {
        $tree = (new Isles)->person('a', 'A Osk')->person('b', 'B Osk h')->person('n', 'N Drum h')
            ->union('1', ['b'], ['a'])->union('2', ['n'], ['a'], kind: ParentageKind::Adoptive)->tree();
        $seats = AncestorSeats::above($tree, 'a', 3);

        self::assertSame([1 => 'a', 2 => 'b'], self::seats($tree, 'a', 3));
        self::assertSame([2, 0], array_column($seats, 'sets'));
    }

    public function test_whoever_was_ruled_out_sits_nowhere(): void
    {
        $tree = (new Isles)->person('a', 'A Osk')->person('b', 'B Osk h')
            ->union('1', ['b'], ['a'], standing: Standing::RuledOut)->tree();

        self::assertSame([1 => 'a'], self::seats($tree, 'a', 4));
    }

    public function test_a_circle_in_bad_data_ends_with_the_generations(): void
    {
        $tree = (new Isles)->person('a', 'A Osk h')->person('b', 'B Osk h')
            ->union('1', ['b'], ['a'])->union('2', ['a'], ['b'])->tree();

        self::assertSame([1 => 'a', 2 => 'b', 4 => 'a', 8 => 'b'], self::seats($tree, 'a', 4));
    }

    /** @return array<int, string> person by seat */
    private static function seats(TreeView $tree, string $of, int $generations): array
    {
        return array_column(AncestorSeats::above($tree, $of, $generations), 'personId', 'seat');
    }
}
