<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\HouseholdLineUp;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HouseholdLineUpTest extends TestCase
{
    /** @return iterable<string, array{int, float}> seed, least share of lines that are placed rightly */
    public static function seeds(): iterable
    {
        yield 'a fixed isle' => [1851, 0.97];
        yield 'another' => [1707, 0.97];
        $seed = random_int(1, 1_000_000);
        yield "an isle of today, seed {$seed}" => [$seed, 0.95];
    }

    /** Few households of an isle that nobody chose can all be hard ones, so a little less is asked of it; the bench prints a thousand. */
    #[DataProvider('seeds')]
    public function test_lines_are_placed_rightly(int $seed, float $least): void
    {
        $isle = new GeneratedIsle($seed, 300);
        $right = $all = 0;
        for ($i = 0; $i < 120; $i++) {
            [$roll, $truth] = $isle->household();
            $placed = HouseholdLineUp::of($roll, $isle->candidates($roll))->placed;
            self::assertSame(count($placed), count(array_unique($placed)), "One person stands on two lines of household {$i} of seed {$seed}.");
            foreach ($truth as $line => $person) {
                $all++;
                $right += ($placed[$line] ?? '') === $person ? 1 : 0;
            }
        }
        self::assertGreaterThanOrEqual($least, $right / $all, "{$right} of {$all} lines are placed rightly, seed {$seed}.");
    }

    public function test_what_somebody_said_is_kept_and_the_rest_lines_up_around_it(): void
    {
        $isle = new GeneratedIsle(77, 200);
        $tried = 0;
        for ($i = 0; $i < 30; $i++) {
            [$roll] = $isle->household();
            $free = HouseholdLineUp::of($roll, $isle->candidates($roll));
            $line = $roll->lines[0]->id;
            $others = array_filter($free->offers[$line] ?? [], static fn ($offer): bool => $offer->personId !== ($free->placed[$line] ?? ''));
            foreach ($others as $other) {
                $pinned = HouseholdLineUp::of($roll, $isle->candidates($roll), null, [$line => $other->personId]);
                self::assertSame($other->personId, $pinned->placed[$line]);
                self::assertSame(count($pinned->placed), count(array_unique($pinned->placed)));
                $tried++;
            }
            self::assertArrayNotHasKey($line, HouseholdLineUp::of($roll, $isle->candidates($roll), null, [$line => ''])->placed);
            self::assertArrayNotHasKey($line, HouseholdLineUp::of($roll, $isle->candidates($roll), null, [], [$line])->offers);
        }
        self::assertGreaterThan(10, $tried);
    }

    public function test_a_witness_may_stand_on_another_line_too(): void
    {
        $isle = new GeneratedIsle(12, 60);
        $kind = RecordKinds::named('death-certificate');
        $man = array_values($isle->tree->people(array_map(static fn (int $at): string => "p{$at}", range(0, 20))))[0];
        $name = $man->name()->shown();
        $roll = new Roll($kind, GenDate::parse('1860'), 'Hask', [
            new RollLine('a', $name, 'deceased', ['sex' => $man->sex->value]), new RollLine('b', $name, 'informant'), new RollLine('c', $name, 'registrar'),
        ]);
        $placed = HouseholdLineUp::of($roll, Candidates::around($isle->tree, [$man->id]), null, ['a' => $man->id, 'b' => $man->id])->placed;
        self::assertSame([$man->id, $man->id], [$placed['a'], $placed['b']]);
    }
}
