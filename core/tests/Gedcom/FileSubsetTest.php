<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\ImportExclusions;
use NorthBough\Core\Gedcom\In\ImportOptions;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tests\Gedcom\Grammar\Checker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A part of a file: one person and so many generations of their kin, and what hangs on them. */
final class FileSubsetTest extends TestCase
{
    /**
     * Grand and Granny have Father and Aunt, and Grand has Half with Second; Father and Mother have Ewan; Aunt wed Uncle and
     * has Cousin; Ewan and Una have Son, who has Babe with Dora. Stranger is nobody's kin.
     */
    private const FILE = <<<'GED'
        0 HEAD
        1 GEDC
        2 VERS 7.0
        1 SUBM @U1@
        0 @GRAND@ INDI
        1 NAME Grand
        1 FAMS @F1@
        1 FAMS @F2@
        0 @GRANNY@ INDI
        1 NAME Granny
        0 @SECOND@ INDI
        1 NAME Second
        0 @HALF@ INDI
        1 NAME Half
        0 @FATHER@ INDI
        1 NAME Father
        1 SOUR @S1@
        0 @AUNT@ INDI
        1 NAME Aunt
        1 FAMC @F1@
        0 @UNCLE@ INDI
        1 NAME Uncle
        0 @COUSIN@ INDI
        1 NAME Cousin
        0 @MOTHER@ INDI
        1 NAME Mother
        0 @EWAN@ INDI
        1 NAME Ewan
        1 BIRT
        2 ASSO @STRANGER@
        3 ROLE WITN
        2 SOUR @S2@
        1 FAMC @F3@
        0 @UNA@ INDI
        1 NAME Una
        0 @SON@ INDI
        1 NAME Son
        0 @DORA@ INDI
        1 NAME Dora
        0 @BABE@ INDI
        1 NAME Babe
        0 @STRANGER@ INDI
        1 NAME Stranger
        1 SOUR @S3@
        0 @F1@ FAM
        1 HUSB @GRAND@
        1 WIFE @GRANNY@
        1 CHIL @FATHER@
        0 @F2@ FAM
        1 HUSB @GRAND@
        1 WIFE @SECOND@
        1 CHIL @HALF@
        0 @F3@ FAM
        1 HUSB @FATHER@
        1 WIFE @MOTHER@
        1 CHIL @EWAN@
        0 @F4@ FAM
        1 HUSB @UNCLE@
        1 WIFE @AUNT@
        1 CHIL @COUSIN@
        0 @F5@ FAM
        1 HUSB @EWAN@
        1 WIFE @UNA@
        1 CHIL @SON@
        0 @F6@ FAM
        1 HUSB @SON@
        1 WIFE @DORA@
        1 CHIL @BABE@
        0 @S1@ SOUR
        1 TITL Of Father
        1 REPO @R1@
        0 @S2@ SOUR
        1 TITL Of Ewan
        0 @S3@ SOUR
        1 TITL Of Stranger
        0 @R1@ REPO
        1 NAME Archive
        0 @U1@ SUBM
        1 NAME Sender
        0 _PLAC Hask
        1 MAP
        0 _ERRAND about a stranger
        1 INDI @STRANGER@
        0 TRLR

        GED;

    /** @return iterable<string, array{string, int, list<string>, list<string>}> start, generations, who comes, sources that come */
    public static function parts(): iterable
    {
        $all = ['Grand', 'Granny', 'Second', 'Half', 'Father', 'Aunt', 'Mother', 'Ewan', 'Una', 'Son', 'Dora', 'Babe'];
        yield 'nobody but their partner' => ['@EWAN@', 0, ['Ewan', 'Una'], ['Of Ewan']];
        yield 'one up, one down' => ['@EWAN@', 1, ['Father', 'Mother', 'Ewan', 'Una', 'Son', 'Dora'], ['Of Father', 'Of Ewan']];
        yield 'two: the ancestors’ other children and partners, and no cousins' => ['@EWAN@', 2, $all, ['Of Father', 'Of Ewan']];
        yield 'more than there are' => ['@BABE@', 9, $all, ['Of Father', 'Of Ewan']];
        yield 'somebody without kin' => ['@STRANGER@', 3, ['Stranger'], ['Of Stranger']];
    }

    /**
     * @param  list<string>  $people
     * @param  list<string>  $sources
     */
    #[DataProvider('parts')]
    public function test_who_comes_and_what_comes_with_them(string $start, int $generations, array $people, array $sources): void
    {
        $tree = MemoryTree::reading(self::FILE, choice: new ImportOptions(start: $start, generations: $generations));
        self::assertEqualsCanonicalizing($people,
            array_map(static fn (NameRow $row): string => $row->name->given, $tree->all(NameRow::class)));
        self::assertEqualsCanonicalizing($sources,
            array_map(static fn (SourceRow $row): string => $row->title, $tree->all(SourceRow::class)));
        self::assertSame(15 - count($people), $tree->report->leftOut->people);
        $kept = array_map(static fn (KeptRow $row): string => strtok($row->lines, "\n") ?: '', $tree->all(KeptRow::class));
        self::assertContains('0 @U1@ SUBM', $kept, 'Whom the head names comes along.');
        self::assertContains('0 _PLAC Hask', $kept, 'What is about nobody comes along.');
        self::assertSame($start === '@STRANGER@', in_array('0 _ERRAND about a stranger', $kept, true));
        self::assertSame([], Checker::faults($tree->written(Version::V7)));
    }

    public function test_links_to_those_outside_are_counted_and_nothing_points_at_them(): void
    {
        $tree = MemoryTree::reading(self::FILE, choice: new ImportOptions(start: '@EWAN@', generations: 1));
        self::assertEquals(new ImportExclusions(people: 9, records: 5, lines: 2), $tree->report->leftOut);
        self::assertStringNotContainsString('Stranger', $tree->written(Version::V7));
        self::assertSame([], $tree->report->remarks);
    }

    public function test_everybody_comes_where_no_part_is_wanted(): void
    {
        $tree = MemoryTree::reading(self::FILE, choice: new ImportOptions(generations: 1));
        self::assertCount(15, $tree->all(NameRow::class));
        self::assertEquals(new ImportExclusions, $tree->report->leftOut);
    }

    public function test_somebody_who_is_not_there_is_refused_in_words(): void
    {
        $this->expectException(NotReadable::class);
        $this->expectExceptionMessage('Nobody in the file has the pointer @I9@.');
        MemoryTree::reading(self::FILE, choice: new ImportOptions(start: '@I9@', generations: 1));
    }

    public function test_kin_who_go_round_in_a_circle_are_gone_through_once(): void
    {
        $circle = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @A@ INDI\n1 NAME A\n0 @B@ INDI\n1 NAME B\n0 @F@ FAM\n1 HUSB @A@\n1 CHIL @B@\n0 @G@ FAM\n"
            ."1 HUSB @B@\n1 CHIL @A@\n0 TRLR\n";
        self::assertCount(2, MemoryTree::reading($circle, choice: new ImportOptions(start: '@A@', generations: 99))->all(NameRow::class));
    }
}
