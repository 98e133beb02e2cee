<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Tree\EventKinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a column tells: the fact that it speaks to, and whether its value may be taken over from the line above. */
final class MeaningTest extends TestCase
{
    /** @return iterable<string, array{Meaning, string, bool}> the kind of fact; whether one key carries it down */
    public static function meanings(): iterable
    {
        $rows = [
            [Meaning::Relation, '', false], [Meaning::Sex, '', true], [Meaning::Age, 'birth', false], [Meaning::Condition, '', true],
            [Meaning::YearsMarried, 'marriage', true], [Meaning::ChildrenBorn, 'child_count', true], [Meaning::ChildrenLiving, 'child_count', true],
            [Meaning::Trade, 'occupation', true], [Meaning::Religion, 'religion', true], [Meaning::BirthDate, 'birth', false],
            [Meaning::BirthPlace, 'birth', true], [Meaning::DeathDate, 'death', false], [Meaning::DeathPlace, 'death', true],
            [Meaning::BurialDate, 'burial', true], [Meaning::MarriageDate, 'marriage', true], [Meaning::MarriagePlace, 'marriage', true],
            [Meaning::Abode, 'residence', true], [Meaning::From, '', true], [Meaning::Until, '', true], [Meaning::Dwelling, '', true],
            [Meaning::Number, '', true], [Meaning::Page, '', true], [Meaning::Words, '', true],
        ];
        foreach ($rows as [$meaning, $kind, $carries]) {
            yield $meaning->value => [$meaning, $kind, $carries];
        }
    }

    #[DataProvider('meanings')]
    public function test_what_it_speaks_to_and_whether_it_carries(Meaning $meaning, string $kind, bool $carries): void
    {
        self::assertSame([$kind, $carries], [$meaning->speaksTo(), $meaning->carries()]);
        self::assertNotSame('', $meaning->word());
        if ($kind !== '') {
            self::assertArrayHasKey($kind, EventKinds::all(), 'It speaks to a kind of event that there is.');
        }
    }

    public function test_every_meaning_is_in_the_table(): void
    {
        self::assertSame(array_map(static fn (Meaning $m): string => $m->value, Meaning::cases()), array_keys(iterator_to_array(self::meanings())));
    }

    public function test_every_kind_tells_each_meaning_once_but_for_words(): void
    {
        foreach (RecordKinds::all() as $kind) {
            $codes = array_map(static fn ($column): string => $column->code, $kind->columns);
            self::assertSame($codes, array_values(array_unique($codes)), $kind->code);
            $meanings = array_filter(array_map(static fn ($column): string => $column->meaning->value, $kind->columns), static fn (string $meaning): bool => $meaning !== Meaning::Words->value);
            self::assertSame(array_values($meanings), array_values(array_unique($meanings)), "{$kind->code} has two columns of one meaning");
        }
    }
}
