<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Records\RecordTranscript;
use NorthBough\Core\Report\Records\TranscribedRecord;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A record in print: its lines as written, and whom each is taken for. */
final class RecordTranscriptTest extends TestCase
{
    public function test_a_household_with_only_the_columns_that_say_something(): void
    {
        $table = self::table(self::built([
            new RollLine('a', 'Magnus Tarrel', '', ['relation' => 'Head', 'age' => '63', 'trade' => 'Light keeper']),
            new RollLine('b', 'Ann Tarrel', '', ['relation' => 'Wife', 'age' => '60', 'trade' => ' ']),
        ], ['a' => 'Magnus Tarrel, 1818–1890']));

        self::assertSame(['', 'Name', 'Relation', 'Age', 'Trade', 'Taken for'], $table->heads);
        self::assertSame([
            ['1', 'Magnus Tarrel', 'Head', '63', 'Light keeper', 'Magnus Tarrel, 1818–1890'],
            ['2', 'Ann Tarrel', 'Wife', '60', ' ', 'unplaced'],
        ], self::cells($table));
    }

    public function test_whom_the_lines_are_taken_for_is_left_out_where_that_is_chosen(): void
    {
        $table = self::table(self::built([new RollLine('a', 'Magnus Tarrel', '', ['age' => '63'])], ['a' => 'Somebody'], placings: false));

        self::assertSame(['', 'Name', 'Age'], $table->heads);
        self::assertSame([['1', 'Magnus Tarrel', '63']], self::cells($table));
    }

    public function test_a_record_that_is_not_there_is_refused_in_words(): void
    {
        $this->expectException(SubjectMissing::class);
        (new RecordTranscript)->build(new TestMaterial((new Isles)->tree()), Subject::record('x'), 'today');
    }

    public function test_roles_stand_where_lines_have_them(): void
    {
        $lines = [new RollLine('a', 'Una Osk', 'child', []), new RollLine('b', 'Gavin Osk', 'father', [])];
        $table = self::table(self::built($lines, [], 'baptism'));

        self::assertSame(['', 'Name', 'As', 'Taken for'], $table->heads);
        self::assertSame([['1', 'Una Osk', 'child', 'unplaced'], ['2', 'Gavin Osk', 'father', 'unplaced']], self::cells($table));
    }

    /** @return iterable<string, array{array<string, string>, string}> the columns of a line, and how its age is printed */
    public static function written(): iterable
    {
        yield 'as it stands' => [['age' => '63'], '63'];
        yield 'a ditto with what it stands for' => [['age' => '63', 'age~' => 'do'], 'do [63]'];
        yield 'a ditto that was not read' => [['age' => 'do', 'age~' => 'do'], 'do'];
        yield 'in doubt' => [['age' => '63', 'age?' => '?'], '63 [?]'];
        yield 'in doubt, with another reading' => [['age' => '63', 'age?' => '68'], '63 [or 68?]'];
        yield 'in doubt, with two' => [['age' => '63', 'age?' => '68 / 83'], '63 [or 68, or 83?]'];
        yield 'a ditto in doubt' => [['age' => '63', 'age~' => '"', 'age?' => '?'], '" [63] [?]'];
    }

    /** @param  array<string, string>  $columns */
    #[DataProvider('written')]
    public function test_dittos_and_doubts_are_printed_as_the_page_has_them(array $columns, string $printed): void
    {
        $table = self::table(self::built([new RollLine('a', 'Magnus Tarrel', '', $columns)]));

        self::assertSame([['1', 'Magnus Tarrel', $printed, 'unplaced']], self::cells($table));
    }

    public function test_what_the_page_says_besides_its_lines_is_printed_whole(): void
    {
        $document = self::built([], [], 'census-1881', ['lacks' => 'The next leaf.', 'district' => 'Tolsay'],
            "First words.\n\nSecond words.");
        $text = implode("\n",
            array_map(static fn ($block): string => implode('',
                array_map(static fn (StyledWords $w): string => $w->text, $block->words ?? [])), $document->blocks));

        self::assertSame([], array_filter($document->blocks, static fn ($block): bool => $block instanceof Table), 'No lines, no table.');
        foreach (['First words.', 'Second words.', 'The copy lacks: The next leaf.', '3 Apr 1881', 'Tolsay',
            'Parish of St Osmund, Register of St Osmund'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertSame('Register of St Osmund, sheet 4', $document->title);
        self::assertSame('Transcript, printed 2 Jan 2026', $document->footer);
        self::assertStringNotContainsString("\n\n\n", $text);
    }

    /**
     * @param  list<RollLine>  $lines
     * @param  array<string, string>  $placed
     * @param  array<string, string>  $fields
     */
    private static function built(
        array $lines,
        array $placed = [],
        string $kind = 'census-1881',
        array $fields = [],
        string $words = '',
        bool $placings = true,
    ): Document {
        $roll = new Roll(RecordKinds::named($kind), GenDate::parse('3 April 1881'), 'Tolsay', $lines);

        $record = new TranscribedRecord(Isles::register(), 'sheet 4', $roll, $fields, $placed, $words);

        return (new RecordTranscript($placings))->build(new TestMaterial((new Isles)->tree(), records: ['r' => $record]),
            Subject::record('r'), '2 Jan 2026');
    }

    private static function table(Document $document): Table
    {
        $tables = array_values(array_filter($document->blocks, static fn ($block): bool => $block instanceof Table));
        self::assertCount(1, $tables);

        return $tables[0];
    }

    /** @return list<list<string>> */
    private static function cells(Table $table): array
    {
        return array_map(
            static fn (array $row): array => array_map(
                static fn (array $cell): string => implode('', array_map(static fn (StyledWords $w): string => $w->text, $cell)),
                $row), $table->rows);
    }
}
