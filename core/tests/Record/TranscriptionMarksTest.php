<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Record;

use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\TranscriptionMarks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Dittos and doubt, as pages have them. */
final class TranscriptionMarksTest extends TestCase
{
    /** @param  array<string, string>  $beside  what is kept beside the name */
    #[DataProvider('names')]
    public function test_names(string $above, string $typed, string $read, array $beside): void
    {
        $line = TranscriptionMarks::settle(new RollLine('b', $typed), new RollLine('a', $above));

        self::assertSame([$read, $beside], [$line->name, $line->columns]);
        self::assertEquals($line, TranscriptionMarks::settle($line, new RollLine('a', $above)), 'Settled twice it says the same.');
    }

    /** @return iterable<string, array{string, string, string, array<string, string>}> name above, as typed, as read, beside it */
    public static function names(): iterable
    {
        yield 'a plain name' => ['Ewan Tarrel', 'Una Osk', 'Una Osk', []];
        yield 'do' => ['Ewan Tarrel', 'Una do', 'Una Tarrel', ['name~' => 'Una do']];
        yield 'quotes' => ['Ewan Tarrel', 'Una "', 'Una Tarrel', ['name~' => 'Una "']];
        yield 'a surname with its prefix' => ['Jan van der Osk', 'Una do', 'Una van der Osk', ['name~' => 'Una do']];
        yield 'a doubted given name and a ditto' => ['Ewan Tarrel', 'Tam? do', 'Tam Tarrel', ['name~' => 'Tam? do', 'name?' => '?']];
        yield 'a doubted ditto' => ['Ewan Tarrel', 'Tam do?', 'Tam Tarrel', ['name~' => 'Tam do?', 'name?' => '?']];
        yield 'two readings of a given name' => ['Ewan Tarrel', 'Tam/Tom? do', 'Tam Tarrel',
            ['name~' => 'Tam/Tom? do', 'name?' => 'Tom Tarrel']];
        yield 'a doubted name' => ['', 'Ewan Tarrel?', 'Ewan Tarrel', ['name?' => '?']];
        yield 'two readings of a whole name' => ['', 'Ewan Tarrel / Evan Farrel?', 'Ewan Tarrel', ['name?' => 'Evan Farrel']];
        yield 'another surname alone' => ['', 'Ewan Tarrel / Farrel?', 'Ewan Tarrel', ['name?' => 'Ewan Farrel']];
        yield 'surname first, as an index has it' => ['MacDonald, Flora', 'do, Una', 'Una MacDonald', ['name~' => 'Una do']];
        yield 'nobody above to take a surname from' => ['', 'Una do', 'Una do', []];
        yield 'a name that is not known' => ['Ewan Tarrel', '? Tarrel', '? Tarrel', []];
        yield 'nothing but a question' => ['Ewan Tarrel', '?', '?', []];
        yield 'a name that ends so' => ['Ewan Tarrel', 'Una Fernando', 'Una Fernando', []];
    }

    public function test_columns_and_lines_in_a_row(): void
    {
        $lines = TranscriptionMarks::settleAll([
            new RollLine('a', 'Ewan Tarrel', '', ['trade' => 'Kelp burner', 'age' => '36?']),
            new RollLine('b', 'Isbel do', '', ['trade' => 'do', 'age' => '34/54?']),
            new RollLine('c', 'Una "', '', ['trade' => '"', 'age' => '']),
            new RollLine('d', 'Osk', '', ['trade' => 'do?']),
        ]);
        self::assertSame(['Ewan Tarrel', 'Isbel Tarrel', 'Una Tarrel', 'Osk'],
            array_map(static fn (RollLine $line): string => $line->name, $lines));
        self::assertSame(['Kelp burner', 'Kelp burner', 'Kelp burner', 'Kelp burner'],
            array_map(static fn (RollLine $line): string => $line->columns['trade'], $lines));
        self::assertSame(['36', '?'], [$lines[0]->columns['age'], $lines[0]->columns['age?']]);
        self::assertSame(['34', '54', 'do'], [$lines[1]->columns['age'], $lines[1]->columns['age?'], $lines[1]->columns['trade~']]);
        self::assertSame(['do?', '?'], [$lines[3]->columns['trade~'], $lines[3]->columns['trade?']]);
        self::assertEquals($lines, TranscriptionMarks::settleAll($lines));
    }
}
