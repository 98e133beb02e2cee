<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorkTest extends TestCase
{
    private const FILE = [
        '0 HEAD', '1 GEDC', '2 VERS 7.0',
        '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '1 _NB_TASK Find the burial.', '1 _NB_GROUP Keepers', '2 _NB_MEANING Of the light',
        '1 _NB_MARK Look again', '2 _NB_COLOUR ochre', '1 _NB_TASK Read the log.', '2 _NB_DONE 2026-11-20',
        // Another program's, or more than we hold.
        '1 _NB_TASK Later', '2 _NB_DONE perhaps', '1 _NB_GROUP Keepers', '2 NOTE since 1807', '1 _NB_MARK',
        '0 @I2@ INDI', '1 NAME Jean /Penhask/', '1 _NB_GROUP Keepers', '2 _NB_MEANING Of the light', '0 TRLR', '',
    ];

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield 'version 7' => [Version::V7];
        yield 'version 5.5.1' => [Version::V551];
    }

    #[DataProvider('versions')]
    public function test_tasks_groups_and_marks_go_out_and_come_back(Version $version): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE));
        $again = MemoryTree::reading($tree->written($version));
        foreach ([$tree, $again] as $one) {
            self::assertSame([['Find the burial.', ''], ['Read the log.', '2026-11-20']],
                array_map(static fn (TaskRow $r): array => [$r->text, $r->doneOn], $one->all(TaskRow::class)));
            self::assertSame([['group', 'Keepers', '', 'Of the light'], ['mark', 'Look again', 'ochre', '']],
                array_map(static fn (GroupRow $r): array => [$r->kind->value, $r->name, $r->colour, $r->meaning],
                    $one->all(GroupRow::class)));
            self::assertCount(3, $one->all(MemberRow::class));
        }
    }

    public function test_what_is_read_is_written_back_where_it_stood(): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE));
        self::assertCount(3, $tree->all(KeptRow::class));
        self::assertSame(SaysTheSame::normalised(implode("\n", self::FILE)), SaysTheSame::normalised($tree->written(Version::V7)));
    }
}
