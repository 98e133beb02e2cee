<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ResearchNotesTest extends TestCase
{
    private const FILE = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Ewan /Tarrel/\n1 NOTE A quiet man.\n1 NOTE Ask about the second "
        ."wife.\n2 _NB_RESEARCH Y\n0 TRLR\n";

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield 'version 7' => [Version::V7];
        yield 'version 5.5.1' => [Version::V551];
    }

    #[DataProvider('versions')]
    public function test_a_note_for_research_comes_back_as_one(Version $version): void
    {
        $tree = MemoryTree::reading(self::FILE);
        $again = MemoryTree::reading($tree->written($version));
        $of = static fn (MemoryTree $tree): array => array_map(static fn (NoteRow $row): array => [$row->text, $row->isResearch],
            $tree->all(NoteRow::class));

        self::assertSame([['A quiet man.', false], ['Ask about the second wife.', true]], $of($tree));
        self::assertSame($of($tree), $of($again));
    }

    public function test_one_that_is_told_after_all_loses_the_mark_and_nothing_else(): void
    {
        $tree = MemoryTree::reading(self::FILE);
        foreach ($tree->rows[NoteRow::class] as $at => $row) {
            self::assertInstanceOf(NoteRow::class, $row);
            $tree->rows[NoteRow::class][$at] = new NoteRow($row->id, $row->owner, $row->text, $row->ordinal, $row->written, false);
        }
        self::assertSame(str_replace("2 _NB_RESEARCH Y\n", '', self::FILE), self::withoutHead($tree->written(Version::V7), self::FILE));
        $tree->rows[NoteRow::class][] = new NoteRow('new', new FactRef(Owner::Person, $tree->rows[NoteRow::class][0]->owner->id ?? ''),
            'Look at the stone.', -1, [], true);
        self::assertStringContainsString("1 NOTE Look at the stone.\n2 _NB_RESEARCH Y\n", $tree->written(Version::V7));
    }

    /** The file written, under the head of the file read. */
    private static function withoutHead(string $written, string $read): string
    {
        return substr($read, 0, (int) strpos($read, '0 @I1@')).substr($written, (int) strpos($written, '0 @I1@'));
    }
}
