<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FileTest extends TestCase
{
    #[DataProvider('files')]
    public function test_says_the_same_when_written_back(string $name, Version $version): void
    {
        $file = self::file($name);
        $tree = MemoryTree::reading($file);

        self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised($tree->written($version)));
    }

    /** @return iterable<string, array{string, Version}> */
    public static function files(): iterable
    {
        yield 'version 5.5.1' => ['isles-551.ged', Version::V551];
        yield 'version 7' => ['isles-7.ged', Version::V7];
        yield 'every structure of 5.5.1' => ['whole-551.ged', Version::V551];
        yield 'every structure of version 7' => ['whole-7.ged', Version::V7];
    }

    #[DataProvider('files')]
    public function test_says_the_same_after_a_journey_through_the_other_version_and_back_for_what_both_know(
        string $name,
        Version $version,
    ): void {
        $there = MemoryTree::reading(MemoryTree::reading(self::file($name))
            ->written($version === Version::V7 ? Version::V551 : Version::V7));
        $spans = static fn (MemoryTree $tree): array => array_map(
            static fn (EventRow $e): array => [$e->kind, $e->date->span()?->earliest, $e->date->span()?->latest, $e->place],
            $tree->all(EventRow::class, static fn (EventRow $e): bool => $e->date->readings !== []),
        );

        self::assertSame($spans(MemoryTree::reading(self::file($name))), $spans($there));
    }

    public function test_counts_what_it_read(): void
    {
        $counts = MemoryTree::reading(self::file('isles-551.ged'))->report->counts;

        self::assertSame(
            ['people' => 3, 'families' => 1, 'events' => 4, 'sources' => 1, 'repositories' => 1, 'records' => 1, 'media' => 0, 'notes' => 2,
                'other' => 1], $counts);
    }

    public function test_a_pointer_to_nothing_is_kept_and_remarked_on(): void
    {
        $remarks = MemoryTree::reading(self::file('isles-551.ged'))->report->remarks;

        self::assertCount(1, $remarks);
        self::assertSame('CHIL @I9@', $remarks[0]->text);
    }

    public function test_one_record_for_each_page_of_a_source(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @S1@ SOUR\n1 TITL Book\n0 @I1@ INDI\n1 BIRT\n2 SOUR @S1@\n3 PAGE 4\n1 DEAT Y\n2 SOUR @S1@\n"
            ."3 PAGE 4\n2 SOUR @S1@\n3 PAGE 5\n0 TRLR\n";
        $tree = MemoryTree::reading($file);

        self::assertSame(['4', '5'], array_map(static fn (RecordRow $r): string => $r->locator, $tree->all(RecordRow::class)));
        self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised($tree->written(Version::V7)));
    }

    public function test_a_changed_date_changes_that_line_and_no_other(): void
    {
        $file = self::file('isles-551.ged');
        $tree = MemoryTree::reading($file);
        foreach ($tree->rows[EventRow::class] as $index => $row) {
            if ($row instanceof EventRow && $row->kind === 'birth') {
                $tree->rows[EventRow::class][$index] = new EventRow($row->id, $row->personId, $row->unionId, $row->kind, $row->typeWords,
                    $row->value,
                    GenDate::parse('12 May 1732'), $row->place, $row->denied, $row->ordinal, $row->written);
            }
        }
        $before = explode("\n", implode("\n", SaysTheSame::normalised($file)));
        $after = explode("\n", implode("\n", SaysTheSame::normalised($tree->written(Version::V551))));

        self::assertSame(['    2 DATE 12 MAY 1732'],
            array_map(static fn (string $l): string => '    2 '.trim($l), array_values(array_diff($after, $before))));
        self::assertCount(count($before), $after);
    }

    public function test_an_empty_part_of_a_name_leaves_the_name_as_it_stood(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n0 @I1@ INDI\n1 NAME Ewan  /Tarrel/\n2 GIVN\n2 SURN Tarrel\n0 TRLR\n";

        self::assertStringContainsString("1 NAME Ewan  /Tarrel/\n2 GIVN\n2 SURN Tarrel\n", MemoryTree::reading($file)
            ->written(Version::V551));
    }

    public function test_ties_that_only_one_side_tells(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n1 CHAR UTF-8\n0 @I1@ INDI\n1 NAME A\n0 @I2@ INDI\n1 NAME B\n1 FAMC @F1@\n0 @I3@ INDI\n1 "
            ."NAME C\n0 @F1@ FAM\n1 HUSB @I1@\n1 CHIL @I3@\n0 TRLR\n";
        $tree = MemoryTree::reading($file);

        self::assertCount(2, $tree->all(ParentSetRow::class));
        self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised($tree->written(Version::V551)));
    }

    #[DataProvider('encodings')]
    public function test_reads_encodings_and_line_ends(string $file): void
    {
        $tree = MemoryTree::reading($file);

        self::assertCount(1, $tree->all(PersonRow::class));
        self::assertStringContainsString('Oönagh', $tree->written(Version::V7));
    }

    /** @return iterable<string, array{string}> */
    public static function encodings(): iterable
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n1 CHAR UNICODE\n0 @I1@ INDI\n1 NAME Oönagh /Corran/\n0 TRLR\n";
        yield 'LF' => [$file];
        yield 'CRLF' => [str_replace("\n", "\r\n", $file)];
        yield 'CR' => [str_replace("\n", "\r", $file)];
        yield 'with a mark' => ["\u{FEFF}".$file];
        yield 'UTF-16 little end first' => ["\xFF\xFE".mb_convert_encoding($file, 'UTF-16LE', 'UTF-8')];
        yield 'UTF-16 big end first' => ["\xFE\xFF".mb_convert_encoding($file, 'UTF-16BE', 'UTF-8')];
        yield 'a stray byte of Windows-1252' => [str_replace('ö', "\xF6", $file)];
        $named = static fn (string $encoding, string $letter): string => str_replace(['UNICODE', 'ö'], [$encoding, $letter], $file);
        yield 'ANSEL' => [$named('ANSEL', "\xE8o")];
        yield 'ANSI' => [$named('ANSI', "\xF6")];
        yield 'Windows-1252' => [$named('WINDOWS-1252', "\xF6")];
        yield 'Latin 1' => [$named('ISO-8859-1', "\xF6")];
        yield 'the PC of old' => [$named('IBMPC', "\x94")];
        yield 'Macintosh' => [$named('MACINTOSH', "\x9A")];
        yield 'UTF-8 that calls itself ANSEL' => [$named('ANSEL', 'ö')];
        yield 'UTF-8 that calls itself ANSI' => [$named('ANSI', 'ö')];
        yield 'indented' => [str_replace("\n1 NAME", "\n   1 NAME", $file)];
    }

    #[DataProvider('refused')]
    public function test_refuses_what_is_no_such_file(string $file, string $sentence): void
    {
        $this->expectException(NotReadable::class);
        $this->expectExceptionMessageMatches($sentence);
        MemoryTree::reading($file);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', '/empty/'];
        yield 'a letter' => ["Dear cousin,\n", '/first line/'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0", '/first line/'];
        yield 'a zip' => ["PK\x03\x04rest", '/zipped/'];
        yield 'version 4' => ["0 HEAD\n1 GEDC\n2 VERS 4.0\n0 TRLR\n", '/version “4.0”/'];
        yield 'letters that nobody knows' => ["0 HEAD\n1 CHAR BOBSOFT\n1 GEDC\n2 VERS 5.5.1\n0 @I1@ INDI\n1 NAME \xE8o /X/\n0 TRLR\n",
            '/BOBSOFT/'];
    }

    public static function file(string $name): string
    {
        return (string) file_get_contents(__DIR__.'/files/'.$name);
    }
}
