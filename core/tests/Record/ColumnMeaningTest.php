<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Tree\EventKinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a column tells: the fact that it speaks to, and whether its value may be taken over from the line above. */
final class ColumnMeaningTest extends TestCase
{
    /** @return iterable<string, array{ColumnMeaning, string, bool}> the kind of fact; whether one key carries it down */
    public static function meanings(): iterable
    {
        $rows = [
            [ColumnMeaning::Relation, '', false], [ColumnMeaning::Sex, '', true], [ColumnMeaning::Age, 'birth', false],
            [ColumnMeaning::Condition, '', true],
            [ColumnMeaning::YearsMarried, 'marriage', true], [ColumnMeaning::ChildrenBorn, 'child_count', true],
            [ColumnMeaning::ChildrenLiving, 'child_count', true],
            [ColumnMeaning::Trade, 'occupation', true], [ColumnMeaning::Religion, 'religion', true],
            [ColumnMeaning::BirthDate, 'birth', false],
            [ColumnMeaning::BirthPlace, 'birth', true], [ColumnMeaning::DeathDate, 'death', false],
            [ColumnMeaning::DeathPlace, 'death', true],
            [ColumnMeaning::BurialDate, 'burial', true], [ColumnMeaning::MarriageDate, 'marriage', true],
            [ColumnMeaning::MarriagePlace, 'marriage', true],
            [ColumnMeaning::Abode, 'residence', true], [ColumnMeaning::From, '', true], [ColumnMeaning::Until, '', true],
            [ColumnMeaning::Dwelling, '', true],
            [ColumnMeaning::Number, '', true], [ColumnMeaning::Page, '', true], [ColumnMeaning::Words, '', true],
        ];
        foreach ($rows as [$meaning, $kind, $carries]) {
            yield $meaning->value => [$meaning, $kind, $carries];
        }
    }

    #[DataProvider('meanings')]
    public function test_what_it_speaks_to_and_whether_it_carries(ColumnMeaning $meaning, string $kind, bool $carries): void
    {
        self::assertSame([$kind, $carries], [$meaning->speaksTo(), $meaning->carries()]);
        self::assertNotSame('', $meaning->word());
        if ($kind !== '') {
            self::assertArrayHasKey($kind, EventKinds::all(), 'It speaks to a kind of event that there is.');
        }
    }

    public function test_every_meaning_is_in_the_table(): void
    {
        self::assertSame(array_map(static fn (ColumnMeaning $m): string => $m->value, ColumnMeaning::cases()),
            array_keys(iterator_to_array(self::meanings())));
    }

    public function test_every_kind_tells_each_meaning_once_but_for_words(): void
    {
        foreach (RecordKinds::all() as $kind) {
            $codes = array_map(static fn ($column): string => $column->code, $kind->columns);
            self::assertSame($codes, array_values(array_unique($codes)), $kind->code);
            $meanings = array_filter(array_map(static fn ($column): string => $column->meaning->value, $kind->columns),
                static fn (string $meaning): bool => $meaning !== ColumnMeaning::Words->value);
            self::assertSame(array_values($meanings), array_values(array_unique($meanings)),
                "{$kind->code} has two columns of one meaning");
        }
    }
}
