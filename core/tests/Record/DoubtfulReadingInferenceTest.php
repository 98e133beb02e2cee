<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\Inference\DoubtfulReadingInference;
use NorthBough\Core\Record\Inference\InferenceRules;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use PHPUnit\Framework\TestCase;

/** A doubtful reading gives its alternatives as rivals. */
final class DoubtfulReadingInferenceTest extends TestCase
{
    public function test_a_doubtful_age_tells_two_births_and_leaves_the_rest_sure(): void
    {
        [$roll, $line] = self::household(['age' => '24', 'age?' => '29', 'trade' => 'Fowler']);
        $assertions = DoubtfulReadingInference::of($roll, $line);
        $births = array_values(array_filter($assertions, static fn (Assertion $assertion): bool => $assertion->kind === 'birth'));

        self::assertSame(['1856 or 1857', '1851 or 1852'],
            array_map(static fn (Assertion $assertion): string => $assertion->date->shown, $births));
        self::assertSame(['', '29'], array_map(static fn (Assertion $assertion): string => $assertion->reading, $births));
        self::assertSame([true, true], array_map(static fn (Assertion $assertion): bool => $assertion->isDoubtful, $births));
        self::assertStringStartsWith('If it reads “29”.', $births[1]->working);
        self::assertNotSame($births[0]->key(), $births[1]->key());
        foreach ($assertions as $assertion) {
            self::assertSame($assertion->kind === 'birth', $assertion->isDoubtful, $assertion->kind);
        }
    }

    public function test_a_word_that_is_doubtful_without_another_reading_adds_nothing(): void
    {
        [$roll, $line] = self::household(['age' => '24', 'trade' => 'Fowler', 'trade?' => '?']);
        $assertions = DoubtfulReadingInference::of($roll, $line);
        self::assertCount(count(InferenceRules::of($roll, $line)), $assertions);
        self::assertSame(['occupation'], array_values(array_map(static fn (Assertion $assertion): string => $assertion->kind,
            array_filter($assertions, static fn (Assertion $assertion): bool => $assertion->isDoubtful))));
    }

    public function test_a_line_without_doubt_tells_what_the_rules_tell(): void
    {
        [$roll, $line] = self::household(['age' => '24', 'trade' => 'Fowler', 'trade~' => 'do']);
        self::assertEquals(InferenceRules::of($roll, $line), DoubtfulReadingInference::of($roll, $line));
    }

    public function test_a_doubtful_name_is_looked_at_in_every_reading(): void
    {
        $line = new RollLine('one', 'Ewan Tarrel', '', ['name?' => 'Euan Farrel / Evan Farrell']);
        $roll = new Roll(RecordKinds::named('census-1881'), GenDate::parse('2 April 1881'), 'Hask', [$line]);
        self::assertSame(['Tarrel', 'Farrel', 'Farrell'], array_map(static fn ($name): string => $name->surname, $roll->names($line)));
        self::assertSame(['Tarrel'],
            array_map(static fn ($name): string => $name->surname, $roll->names(new RollLine('two', 'Ewan Tarrel', '', ['name?' => '?']))));
    }

    /**
     * @param  array<string, string>  $columns
     * @return array{Roll, RollLine}
     */
    private static function household(array $columns): array
    {
        $line = new RollLine('one', 'Ewan Tarrel', 'head', $columns);

        return [new Roll(RecordKinds::named('census-1881'), GenDate::parse('2 April 1881'), 'Hask', [$line]), $line];
    }
}
