<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin;

use NorthBough\Core\Kin\KinKind;
use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\Snapshot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Kinship in families drawn by lot, held against what is plainly true of any family and against a slow way of counting
 * that walks every line up from both.
 */
final class KinshipPropertyTest extends TestCase
{
    private const PEOPLE = 22;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([3, 17, 58, 101, 404, 977] as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_lines_of_blood_are_those_that_a_slow_count_finds(int $seed): void
    {
        [$tree, $parents] = self::family($seed);
        foreach (self::pairs() as [$one, $other]) {
            $found = [];
            foreach (self::blood($tree, $one, $other) as $kin) {
                $found[] = $kin->total;
                foreach ($kin->paths as $path) {
                    self::assertSame([$one, $other], [$path[0], $path[count($path) - 1]]);
                    self::assertCount($kin->distance + 1, $path, "{$kin->term} of {$one}: every line is as long as it is said to be");
                    self::assertSame($path, array_values(array_unique($path)), 'Nobody stands twice on one line.');
                    self::assertTrue(self::goesUpThenDown($path, $parents), implode(' ', $path));
                }
                self::assertSame(min($kin->total, Relationship::LISTED), count(array_unique(array_map(implode(...), $kin->paths))));
            }
            self::assertSame(self::slowCount($parents, $one, $other), array_sum($found), "{$one} and {$other}");
        }
    }

    #[DataProvider('seeds')]
    public function test_what_one_is_to_the_other_the_other_is_back(int $seed): void
    {
        [$tree] = self::family($seed);
        foreach (self::pairs() as [$one, $other]) {
            $there = self::blood($tree, $one, $other);
            $back = self::blood($tree, $other, $one);
            $shape = static fn (array $kin): array => array_map(static fn (Relationship $r): array => [$r->distance, $r->total], $kin);
            self::assertEqualsCanonicalizing($shape($there), $shape($back), "{$one} and {$other}");
            $paths = array_merge(
                ...array_map(static fn (Relationship $r): array => array_map(static fn (array $path): string => implode(' ', $path),
                    $r->paths), $there));
            $turned = array_merge(
                ...array_map(static fn (Relationship $r): array => array_map(
                    static fn (array $path): string => implode(' ', array_reverse($path)), $r->paths), $back));
            self::assertEqualsCanonicalizing($paths, $turned);
        }
    }

    #[DataProvider('seeds')]
    public function test_every_kinship_has_one_back(int $seed): void
    {
        [$tree] = self::family($seed);
        foreach (self::pairs() as [$one, $other]) {
            $kinds = static fn (string $a, string $b): array => array_values(array_unique(
                array_map(static fn (Relationship $r): string => $r->kind->value, Kinship::between($tree, $a, $b))));
            self::assertEqualsCanonicalizing($kinds($one, $other), $kinds($other, $one), "{$one} and {$other}");
        }
    }

    /** @return list<Relationship> */
    private static function blood(Snapshot $tree, string $one, string $other): array
    {
        return array_values(
            array_filter(Kinship::between($tree, $one, $other), static fn (Relationship $kin): bool => $kin->kind === KinKind::Blood));
    }

    /**
     * A family of some generations: each child has two parents among those before them, cousins wed, and some wed twice.
     *
     * @return array{Snapshot, array<string, list<string>>} the parents of each child
     */
    private static function family(int $seed): array
    {
        mt_srand($seed);
        $isles = new Isles;
        $sexes = [];
        for ($i = 0; $i < self::PEOPLE; $i++) {
            $sexes[$i] = $i % 2 === 0 ? 'h' : 'w';
            $isles->person("p{$i}", "Given{$i} Osk {$sexes[$i]}");
        }
        $unions = [];
        $parents = [];
        for ($i = 6; $i < self::PEOPLE; $i++) {
            if (mt_rand(0, 9) < 2) {
                continue;
            }
            $father = 2 * mt_rand(0, intdiv($i - 1, 2));
            $mother = 2 * mt_rand(0, intdiv($i - 2, 2)) + 1;
            $unions["p{$father} p{$mother}"][] = "p{$i}";
            $parents["p{$i}"] = ["p{$father}", "p{$mother}"];
        }
        $number = 0;
        foreach ($unions as $couple => $children) {
            $isles->union('u'.$number++, explode(' ', $couple), $children, '1850');
        }

        return [$isles->tree(), $parents];
    }

    /** @return iterable<array{string, string}> */
    private static function pairs(): iterable
    {
        for ($one = 0; $one < self::PEOPLE; $one++) {
            for ($other = $one + 1; $other < self::PEOPLE; $other++) {
                yield ["p{$one}", "p{$other}"];
            }
        }
    }

    /**
     * How many ways of blood there are: two lines that meet in one person and share nobody else. Full siblings have two,
     * one through each parent.
     *
     * @param  array<string, list<string>>  $parents
     */
    private static function slowCount(array $parents, string $one, string $other): int
    {
        $ways = [];
        foreach (self::linesUp($parents, $one) as $up) {
            foreach (self::linesUp($parents, $other) as $down) {
                $top = $up[count($up) - 1];
                if ($top !== $down[count($down) - 1] || array_intersect(array_slice($up, 0, -1), array_slice($down, 0, -1)) !== []) {
                    continue;
                }
                $ways[implode(' ', [...$up, '|', ...array_reverse($down)])] = true;
            }
        }

        return count($ways);
    }

    /**
     * @param  array<string, list<string>>  $parents
     * @return list<non-empty-list<string>> from the person to each ancestor by each line, the person alone included
     */
    private static function linesUp(array $parents, string $person): array
    {
        $lines = [[$person]];
        foreach ($parents[$person] ?? [] as $parent) {
            foreach (self::linesUp($parents, $parent) as $line) {
                $lines[] = [$person, ...$line];
            }
        }

        return $lines;
    }

    /**
     * @param  list<string>  $path
     * @param  array<string, list<string>>  $parents
     */
    private static function goesUpThenDown(array $path, array $parents): bool
    {
        $turns = 0;
        $wasUp = true;
        for ($i = 1; $i < count($path); $i++) {
            $isUp = in_array($path[$i], $parents[$path[$i - 1]] ?? [], true);
            $isDown = in_array($path[$i - 1], $parents[$path[$i]] ?? [], true);
            if (! $isUp && ! $isDown) {
                return false;
            }
            $turns += $isUp && ! $wasUp ? 1 : 0;
            $wasUp = $isUp;
        }

        return $turns === 0;
    }
}
