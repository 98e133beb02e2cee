<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Record\KindProblem;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\RecordKinds;
use PHPUnit\Framework\TestCase;

final class KindsTest extends TestCase
{
    public function test_a_shared_kind_comes_back_as_it_was(): void
    {
        foreach (RecordKinds::all() as $kind) {
            self::assertEquals($kind, RecordKind::fromArray($kind->code, json_decode((string) json_encode($kind->toArray()), true)),
                $kind->code);
        }
    }

    public function test_schedules_differ_by_year(): void
    {
        $asked = array_map(
            static fn (string $year): array => array_map(static fn ($column): string => $column->code, RecordKinds::named("census-{$year}")
                ->columns),
            ['1841', '1861', '1901']);
        self::assertNotContains('relation', $asked[0]);
        self::assertContains('born', $asked[1]);
        self::assertContains('children', $asked[2]);
    }

    public function test_kinds_are_found_by_everyday_words(): void
    {
        self::assertTrue(RecordKinds::named('baptism')->isFoundBy('christening'));
        self::assertTrue(RecordKinds::named('census-1881')->isFoundBy('household 1881'));
        self::assertFalse(RecordKinds::named('will')->isFoundBy('household'));
    }

    public function test_what_cannot_be_a_kind_is_refused_in_words(): void
    {
        foreach ([[], ['name' => 'Roll', 'columns' => [['label' => 'Age', 'meaning' => 'nothing']]],
            ['name' => 'Roll', 'columns' => [['label' => 'Age', 'meaning' => 'age'], ['label' => 'Age', 'meaning' => 'words']]]] as $said) {
            try {
                RecordKind::fromArray('own', $said);
                self::fail('It was taken.');
            } catch (KindProblem $problem) {
                self::assertStringStartsWith('This kind cannot be used: ', $problem->getMessage());
            }
        }
    }
}
