<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines of our own are told from anybody's by how their tags begin. */
final class OwnTagsTest extends TestCase
{
    private const FILE = [
        '0 HEAD', '1 GEDC', '2 VERS 7.0', '1 SOUR NORTH_BOUGH', '2 VERS 2',
        '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '2 TRAN Yuan', '3 LANG und', '1 _NB_TASK Find the burial.', '2 _NB_DONE 2026-11-20',
        '1 _NB_GROUP Keepers',
        '1 BIRT', '2 DATE 1818', '3 PHRASE the year of the gale', '2 _NB_STANDING accepted', '1 _NB_RULED BIRT', '2 DATE 1817',
        '1 _NB_QUESTION birth', '2 _NB_STATE decided', '2 _NB_TITLE two books', '2 _NB_DECISION 1818', '1 NO MARR', '0 TRLR', '',
    ];

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield 'version 7' => [Version::V7];
        yield 'version 5.5.1' => [Version::V551];
    }

    #[DataProvider('versions')]
    public function test_a_file_that_we_wrote_earlier_reads_as_one_of_today(Version $version): void
    {
        $today = MemoryTree::reading(implode("\n", self::FILE))->written($version);
        self::assertStringContainsString('_NB_TASK', $today);
        $earlier = str_replace(['_NB_', "1 SOUR NORTH_BOUGH\n2 VERS 2\n"], ['_', "1 SOUR NORTH_BOUGH\n"], $today);
        self::assertStringNotContainsString('NB_TASK', $earlier);

        self::assertSame(InWords::of(MemoryTree::reading($today)), InWords::of(MemoryTree::reading($earlier)));
        self::assertSame(SaysTheSame::normalised($today), SaysTheSame::normalised(MemoryTree::reading($earlier)->written($version)));
    }

    public function test_the_same_tags_of_another_program_mean_whatever_they_mean_there(): void
    {
        $theirs = str_replace(['_NB_', 'NORTH_BOUGH'], ['_', 'ANOTHER'], implode("\n", self::FILE));
        $tree = MemoryTree::reading($theirs);

        self::assertSame([], $tree->all(TaskRow::class));
        self::assertCount(4,
            $tree->all(KeptRow::class,
                static fn (KeptRow $row): bool => preg_match('/^\d _(TASK|GROUP|RULED|QUESTION)/', $row->lines) === 1));
        self::assertStringContainsString('1 _TASK Find the burial.', $tree->written(Version::V7));
    }

    public function test_version_seven_declares_them_all(): void
    {
        $written = MemoryTree::reading(implode("\n", self::FILE))->written(Version::V7);
        preg_match_all('/^\d (_NB_\w+)/m', $written, $used);
        self::assertGreaterThan(6, count(array_unique($used[1])));
        foreach (array_unique($used[1]) as $tag) {
            self::assertStringContainsString("2 TAG {$tag} https://north-bough.example/gedcom/{$tag}\n", $written);
        }
    }
}
