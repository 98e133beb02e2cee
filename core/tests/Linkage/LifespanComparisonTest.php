<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Linkage\Candidate;
use NorthBough\Core\Linkage\LifespanComparison;
use NorthBough\Core\Linkage\MatchWeight;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The day of a record against a life: never, against, nothing, for. */
final class LifespanComparisonTest extends TestCase
{
    /** @param  array<string, string>  $life  birth, death, baptism, seen as dates */
    #[DataProvider('lives')]
    public function test_a_day_against_a_life(string $kind, string $role, string $date, array $life, string $expected): void
    {
        $lines = [new RollLine('first', 'Una Osk', RecordKinds::named($kind)->roles[0]->code), new RollLine('other', 'Jean Osk', $role)];
        $roll = new Roll(RecordKinds::named($kind), GenDate::parse($date), '', $role === RecordKinds::named($kind)
            ->roles[0]->code ? [$lines[1]] : $lines);
        $span = static fn (string $of) => isset($life[$of]) ? GenDate::parse($life[$of])->span() : null;
        $candidate = new Candidate('x', 'Jean Osk', 'Jean', [], Sex::Unknown, $span('birth'), false, '', $span('death'), [], [], [],
            $span('baptism'), $span('seen')?->earliest);
        $odds = (new LifespanComparison($roll))->of($roll->lines[count($roll->lines) - 1], $candidate)->logOdds;

        self::assertSame($expected, match (true) {
            $odds <= MatchWeight::NEVER => 'never',
            $odds <= -5.0 => 'hardly',
            $odds < 0.0 => 'against',
            $odds === 0.0 => 'nothing',
            $odds > 3.0 => 'strongly for',
            default => 'for',
        });
    }

    /** @return iterable<string, array{string, string, string, array<string, string>, string}> kind, role, day, life, what it says */
    public static function lives(): iterable
    {
        yield 'a groom who died before' => ['marriage', 'groom', '3 Aug 1870', ['birth' => '1840', 'death' => '1869'], 'never'];
        yield 'a groom who was born after' => ['marriage', 'groom', '3 Aug 1870', ['birth' => '1871'], 'never'];
        yield 'a groom of 25' => ['marriage', 'groom', '3 Aug 1870', ['birth' => '1845'], 'for'];
        yield 'a bride of nine' => ['marriage', 'bride', '3 Aug 1870', ['birth' => '1861'], 'hardly'];
        yield 'a bride of 60' => ['marriage', 'bride', '3 Aug 1870', ['birth' => '1810'], 'against'];
        yield 'a bride of whom no birth is known' => ['marriage', 'bride', '3 Aug 1870', [], 'nothing'];
        yield 'a groom’s father may be dead' => ['marriage', 'groom’s father', '3 Aug 1870', ['birth' => '1810', 'death' => '1850'], 'for'];
        yield 'a groom’s father of 20' => ['marriage', 'groom’s father', '3 Aug 1870', ['birth' => '1850'], 'hardly'];
        yield 'a mother who died thirty years before' => ['baptism', 'mother', '3 Aug 1870', ['birth' => '1815', 'death' => '1840'],
            'never'];
        yield 'a mother who died at the birth' => ['baptism', 'mother', '3 Aug 1870', ['birth' => '1845', 'death' => '1 Aug 1870'], 'for'];
        yield 'a mother of 60' => ['baptism', 'mother', '3 Aug 1870', ['birth' => '1810'], 'hardly'];
        yield 'a father who died half a year before' => ['baptism', 'father', '3 Aug 1870',
            ['birth' => '1840', 'death' => '1 Feb 1870'], 'for'];
        yield 'a father who died thirty years before' => ['baptism', 'father', '3 Aug 1870', ['birth' => '1810', 'death' => '1840'],
            'never'];
        yield 'a child born that year' => ['baptism', 'child', '3 Aug 1870', ['birth' => '1870'], 'strongly for'];
        yield 'a child born six years before' => ['baptism', 'child', '3 Aug 1870', ['birth' => '1864'], 'hardly'];
        yield 'a child baptised that very day' => ['baptism', 'child', '3 Aug 1870', ['birth' => '1870', 'baptism' => '3 Aug 1870'],
            'strongly for'];
        yield 'a child baptised on another day' => ['baptism', 'child', '3 Aug 1870', ['birth' => '1870', 'baptism' => '5 Sep 1870'],
            'against'];
        yield 'a burial three days after the death' => ['burial', 'buried', '3 Aug 1870', ['death' => '31 July 1870'], 'strongly for'];
        yield 'a burial in the year of the death' => ['burial', 'buried', '3 Aug 1870', ['death' => '1870'], 'for'];
        yield 'a burial of somebody who died ten years later' => ['burial', 'buried', '3 Aug 1870', ['death' => '1880'], 'hardly'];
        yield 'a burial of somebody who was seen later' => ['burial', 'buried', '3 Aug 1870', ['seen' => '3 April 1881'], 'hardly'];
        yield 'an informant who was dead' => ['death-certificate', 'informant', '3 Aug 1870', ['birth' => '1840', 'death' => '1869'],
            'never'];
        yield 'a husband named at a death may be dead' => ['burial', 'husband', '3 Aug 1870', ['birth' => '1800', 'death' => '1850'],
            'nothing'];
        yield 'a husband who died as a child is none' => ['burial', 'husband', '3 Aug 1870', ['birth' => '1800', 'death' => '1803'],
            'hardly'];
    }
}
