<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin\Walk;

use NorthBough\Core\Kin\Walk\DescentFamilies;
use NorthBough\Core\Kin\Walk\DescentFamily;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\TreeView;
use PHPUnit\Framework\TestCase;

/** The families below somebody, a generation at a time. */
final class DescentFamiliesTest extends TestCase
{
    public function test_families_come_a_generation_at_a_time_and_no_further_than_was_asked(): void
    {
        $tree = $this->tarrels();

        self::assertSame(['1 ewan 1'], self::told($tree, 'ewan', 1));
        self::assertSame(['1 ewan 1', '2 ada 2', '2 kit 3'], self::told($tree, 'ewan', 2));
        self::assertSame(['1 ewan 1', '2 ada 2', '2 kit 3', '3 ruth 4'], self::told($tree, 'ewan', 9));
        self::assertSame([], self::told($tree, 'sib', 3));
    }

    public function test_cousins_who_marry_are_told_with_their_family_under_each_and_their_children_once(): void
    {
        $tree = (new Isles)->person('top', 'Top Osk h')->person('a', 'A Osk w')->person('b', 'B Osk h')->person('c', 'C Drum h')
            ->person('d', 'D Osk w')->person('e', 'E Osk h')
            ->union('1', ['top'], ['a', 'b'])->union('2', ['a'], ['c'])->union('3', ['b'], ['d'])->union('4', ['c', 'd'], ['e'])
            ->union('5', ['e'], [])->tree();

        self::assertSame(['1 top 1', '2 a 2', '2 b 3', '3 c 4', '3 d 4', '4 e 5'], self::told($tree, 'top', 9));
    }

    public function test_a_circle_in_bad_data_ends(): void
    {
        $tree = (new Isles)->person('a', 'A Osk h')->person('b', 'B Osk h')
            ->union('1', ['a'], ['b'])->union('2', ['b'], ['a'])->tree();

        self::assertSame(['1 a 1', '2 b 2'], self::told($tree, 'a', 12));
    }

    public function test_no_generation_is_begun_that_would_be_too_many(): void
    {
        self::assertCount(1, DescentFamilies::below($this->tarrels(), 'ewan', 9, 2));
    }

    public function test_children_are_counted_over_all_unions(): void
    {
        $tree = (new Isles)->person('a', 'A Osk h')->person('b', 'B Osk')->person('c', 'C Osk')->person('d', 'D Osk')
            ->union('1', ['a'], ['b', 'c'])->union('2', ['a'], ['d'])->tree();

        self::assertSame(['a' => 3], DescentFamilies::children($tree, ['a', 'b']));
    }

    private function tarrels(): TreeView
    {
        return (new Isles)->person('ewan', 'Ewan Tarrel h')->person('ada', 'Ada Tarrel w')->person('kit', 'Kit Tarrel h')
            ->person('sib', 'Sibbie Tarrel w')->person('ruth', 'Ruth Osk w')->person('ann', 'Ann Osk w')
            ->union('1', ['ewan'], ['ada', 'kit', 'sib'])->union('2', ['ada'], ['ruth'])->union('3', ['kit'], [])
            ->union('4', ['ruth'], ['ann'])->tree();
    }

    /** @return list<string> generation, person and union of each family */
    private static function told(TreeView $tree, string $of, int $generations): array
    {
        return array_map(static fn (DescentFamily $family): string => "{$family->generation} {$family->personId} {$family->union->id}",
            DescentFamilies::below($tree, $of, $generations, 1000));
    }
}
