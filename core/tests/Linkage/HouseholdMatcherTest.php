<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\HouseholdMatcher;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HouseholdMatcherTest extends TestCase
{
    /**
     * @return iterable<string, array{string, int, float}> kind of record, seed of the isle, least share of lines that are
     *     placed rightly
     */
    public static function seeds(): iterable
    {
        yield 'households of a fixed isle' => ['census', 1851, 0.97];
        yield 'and of another' => ['census', 1707, 0.97];
        foreach (['marriage', 'baptism', 'burial', 'death-certificate'] as $kind) {
            yield "{$kind} on two isles" => [$kind, 1851, 0.96];
        }
    }

    /** A hundred of an isle can be hard ones, so a little less is asked of some; the bench prints a thousand of each kind. */
    #[DataProvider('seeds')]
    public function test_lines_are_placed_rightly_and_new_is_new(string $kind, int $seed, float $least): void
    {
        $right = $all = $new = $newRight = 0;
        foreach ([$seed, $seed + 1] as $of) {
            $isle = new GeneratedIsle($of, 300);
            [$households, $entries] = [new GeneratedHouseholds($isle), new GeneratedEntries($isle)];
            for ($i = 0; $i < 60; $i++) {
                [$roll, $truth] = $kind === 'census' ? $households->next() : $entries->next($kind);
                $lined = HouseholdMatcher::of($roll, $isle->candidates($roll));
                $alone = array_filter($lined->placed,
                    static fn (string $line): bool => ! ($roll->role($roll->line($line) ?? throw new \LogicException)->mayRepeat ?? false),
                    ARRAY_FILTER_USE_KEY);
                self::assertSame(count($alone), count(array_unique($alone)),
                    "One person stands on two lines of record {$i} of seed {$of}.");
                foreach ($truth as $line => $person) {
                    $all++;
                    $right += ($lined->placed[$line] ?? '') === $person ? 1 : 0;
                    $new += isset($lined->placed[$line]) || $lined->isOpen($line) ? 0 : 1;
                    $newRight += isset($lined->placed[$line]) || $lined->isOpen($line) || $person !== '' ? 0 : 1;
                }
            }
        }
        self::assertGreaterThanOrEqual($least, $right / $all, "{$right} of {$all} lines are placed rightly.");
        self::assertGreaterThanOrEqual(0.95, $newRight / $new,
            "{$newRight} of {$new} lines that are new without being asked are nobody of the tree.");
    }

    public function test_what_somebody_said_is_kept_and_the_rest_lines_up_around_it(): void
    {
        $isle = new GeneratedIsle(77, 200);
        $households = new GeneratedHouseholds($isle);
        $tried = 0;
        for ($i = 0; $i < 30; $i++) {
            [$roll] = $households->next();
            $free = HouseholdMatcher::of($roll, $isle->candidates($roll));
            $line = $roll->lines[0]->id;
            $others = array_filter($free->offers[$line] ?? [],
                static fn ($offer): bool => $offer->personId !== ($free->placed[$line] ?? ''));
            foreach ($others as $otherOther) {
                $pinned = HouseholdMatcher::of($roll, $isle->candidates($roll), null, [$line => $otherOther->personId]);
                self::assertSame($otherOther->personId, $pinned->placed[$line]);
                self::assertSame(count($pinned->placed), count(array_unique($pinned->placed)));
                $tried++;
            }
            self::assertArrayNotHasKey($line, HouseholdMatcher::of($roll, $isle->candidates($roll), null, [$line => ''])->placed);
            self::assertArrayNotHasKey($line, HouseholdMatcher::of($roll, $isle->candidates($roll), null, [], [$line])->offers);
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
            new RollLine('a', $name, 'deceased', ['sex' => $man->sex->value]), new RollLine('b', $name, 'informant'),
            new RollLine('c', $name, 'registrar'),
        ]);
        $placed = HouseholdMatcher::of($roll, Candidates::around($isle->tree, [$man->id]), null, ['a' => $man->id, 'b' => $man->id])
            ->placed;
        self::assertSame([$man->id, $man->id], [$placed['a'], $placed['b']]);
    }
}
