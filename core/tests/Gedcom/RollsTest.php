<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Records with their rolls, placings and pictures, in lines of our own. */
final class RollsTest extends TestCase
{
    private const FILE = [
        '0 HEAD', '1 GEDC', '2 VERS 7.0',
        '0 @I1@ INDI', '1 NAME Ewan /Tarrel/', '1 CENS', '2 DATE 3 APR 1881', '2 SOUR @S1@', '3 PAGE sheet 4', '3 DATA',
        '4 TEXT Ewan Tarrel, head', '3 _NB_LINE 1', '4 _NB_ASPECT census',
        '1 OCCU keeper', '2 SOUR @S1@', '3 PAGE sheet 9',
        '0 @S1@ SOUR', '1 TITL Census of Marren', '1 _NB_KIND census-page', '1 _NB_FIELD keeper', '2 _NB_SAYS Kingdom of Aldane',
        '1 _NB_FIELD title', '2 _NB_SAYS Census of Marren', '1 _NB_LISTED The census of 1881',
        '1 _NB_RECORD sheet 4', '2 _NB_KIND Hearth roll', '3 _NB_TEMPLATE {"name":"Hearth roll"}', '2 DATE 3 APR 1881', '2 PLAC Hask',
        '2 TEXT In a clear hand.', '2 _NB_CLASS original', '2 _NB_FILENO A 12', '2 _NB_COUNT 3',
        '2 _NB_FIELD schedule', '3 _NB_SAYS 31', '2 _NB_IMAGE', '3 FILE media/ab-sheet.webp', '3 FORM image/webp', '3 TITL sheet 4',
        '2 _NB_LINE Ewan Tarrel', '3 _NB_AS head', '3 _NB_FIELD age', '4 _NB_SAYS 36', '3 _NB_SLIP 1 1 0.100000 0.200000 0.800000 0.050000',
        '3 _NB_PLACED @I1@', '4 _NB_REASON The only one.',
        '2 _NB_LINE Amos Vesper', '3 _NB_FIELD age', '4 _NB_SAYS 31', '3 _NB_ASIDE No kin.',
        '2 _NB_LINE Isbel do',
        // Another program's, or more than we hold: it stays where it stood.
        '1 _NB_RECORD sheet 5', '2 NOTE found by chance', '0 TRLR', '',
    ];

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield 'version 7' => [Version::V7];
        yield 'version 5.5.1' => [Version::V551];
    }

    #[DataProvider('versions')]
    public function test_they_go_out_and_come_back(Version $version): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE));
        $again = MemoryTree::reading($tree->written($version));
        foreach ([$tree, $again] as $one) {
            $lines = $one->all(RollLineRow::class);
            self::assertSame([['Ewan Tarrel', 'head', ['age' => '36']], ['Amos Vesper', '', ['age' => '31']], ['Isbel do', '', []]],
                array_map(static fn (RollLineRow $r): array => [$r->name, $r->role, $r->columns], $lines));
            self::assertSame(0.8, $lines[0]->slip['width'] ?? null);
            self::assertSame([['placed', 'The only one.'], ['set aside', 'No kin.']],
                array_map(static fn (PlacingRow $r): array => [$r->state, $r->reason], $one->all(PlacingRow::class)));
            self::assertSame(['media/ab-sheet.webp'],
                array_map(static fn (RecordImageRow $r): string => $r->path, $one->all(RecordImageRow::class)));
            self::assertSame([['Hearth roll', false]],
                array_map(static fn (OwnKindRow $r): array => [$r->name, $r->isOfSource], $one->all(OwnKindRow::class)));
            $source = $one->all(SourceRow::class)[0];
            self::assertSame(['census-page', 'Kingdom of Aldane', 'The census of 1881'],
                [$source->kind, $source->fields['keeper'], $source->listName]);
            // The citation by line 1 stands on the very record; the other page is another record.
            $records = $one->all(RecordRow::class);
            self::assertCount(2, $records);
            $claim = $one->all(ClaimRow::class)[0];
            self::assertSame([$lines[0]->id, $lines[0]->recordId, 'census'],
                [$claim->line?->lineId, $claim->recordId, $claim->line?->aspect]);
            $head = array_values(array_filter($records, static fn (RecordRow $r): bool => $r->head !== null))[0]->head;
            self::assertSame(['3 Apr 1881', 'Hask', 'In a clear hand.', 'original', 'A 12', 3, ['schedule' => '31']],
                [$head?->date->shown, $head?->place, $head?->transcription, $head?->sourceClass, $head?->fileNumber, $head?->toldCount,
                    $head?->fields]);
        }
    }

    public function test_what_is_read_is_written_back(): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE));
        self::assertCount(1, $tree->all(KeptRow::class));
        $again = MemoryTree::reading($tree->written(Version::V7));
        self::assertSame(SaysTheSame::normalised($tree->written(Version::V7)), SaysTheSame::normalised($again->written(Version::V7)));
    }

    public function test_a_line_that_is_not_there_makes_no_claim_and_is_kept(): void
    {
        $tree = MemoryTree::reading(str_replace('3 _NB_LINE 1', '3 _NB_LINE 9', implode("\n", self::FILE)));
        self::assertNull($tree->all(ClaimRow::class)[0]->line);
        self::assertCount(2, $tree->all(KeptRow::class));
    }
}
