<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Cases and searches in a file: read, and written as they were read. */
final class CaseTagsTest extends TestCase
{
    private const CASE = "1 _NB_QUESTION same\n2 _NB_KIND identity\n2 _NB_STATE probable\n2 _NB_REASON Nobody else fits.\n2 _NB_OTHER "
        ."@I2@\n"
        ."2 _NB_ALTERNATIVE They are one person\n3 _NB_OUTCOME probable\n3 _NB_POINT Hezzy is the pet form.\n4 _NB_SPEAKS for\n4 "
        ."_NB_WEIGHT strong\n3 _NB_POINT No surname is told.\n4 _NB_SPEAKS against\n"
        ."2 _NB_ALTERNATIVE They are two people\n3 _NB_PERSON @I2@\n";

    private const SEARCH = "0 _NB_SEARCH a notice of the death\n1 _NB_ON 2 Nov 2021\n1 _NB_IN Kirkhaven Packet, 1889\n1 _NB_OUTCOME "
        ."nothing\n1 _NB_WHOLE Y\n1 _NB_NOTE Every issue,\n2 CONT both pages.\n1 _NB_FOR @I1@\n1 _NB_FOR @I2@\n";

    public function test_a_case_and_a_search_are_read_whole_and_written_as_they_were_read(): void
    {
        $file = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Keziah /Osk/\n".self::CASE."0 @I2@ INDI\n1 NAME Hezzy /Drum/\n"
            .self::SEARCH."0 TRLR\n";
        $tree = MemoryTree::reading($file);
        $question = $tree->all(QuestionRow::class)[0];
        self::assertSame(['identity', 'same', 'probable'], [$question->kind, $question->aspect, $question->state]);
        self::assertNotSame('', $question->otherId);
        self::assertSame([['They are one person', 'probable', false], ['They are two people', '', true]],
            array_map(static fn (AlternativeRow $row): array => [$row->title, $row->outcome, $row->personId === $question->otherId],
                $tree->all(AlternativeRow::class)));
        self::assertSame([['Hezzy is the pet form.', true, 'strong'], ['No surname is told.', false, '']],
            array_map(static fn (PointRow $row): array => [$row->text, $row->isFor, $row->weight], $tree->all(PointRow::class)));
        self::assertSame(['a notice of the death', 'Kirkhaven Packet, 1889', true, "Every issue,\nboth pages."],
            [$tree->all(SearchRow::class)[0]->lookedFor, $tree->all(SearchRow::class)[0]->lookedIn,
                $tree->all(SearchRow::class)[0]->isWhole, $tree->all(SearchRow::class)[0]->note]);
        self::assertSame([], $tree->all(KeptRow::class));
        foreach (Version::cases() as $version) {
            self::assertStringContainsString(self::CASE, $tree->written($version), $version->value);
            self::assertStringContainsString(self::SEARCH, $tree->written($version), $version->value);
        }
    }

    /** What holds anything else is not ours to understand, and stays as it is written. */
    #[TestWith(["1 _NB_QUESTION same\n2 _NB_STATE probable\n2 _NB_OTHER @I9@\n"])]
    #[TestWith(["1 _NB_QUESTION same\n2 _NB_STATE perhaps\n"])]
    #[TestWith(["1 _NB_QUESTION same\n2 _NB_STATE open\n2 _NB_ALTERNATIVE They are one\n3 _NB_POINT Her name.\n4 _NB_SPEAKS loudly\n"])]
    #[TestWith(["1 _NB_QUESTION same\n2 _NB_STATE open\n2 _NB_ALTERNATIVE They are one\n3 NOTE Not ours.\n"])]
    public function test_what_holds_more_is_kept(string $lines): void
    {
        $tree = MemoryTree::reading("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Keziah /Osk/\n{$lines}0 TRLR\n");
        self::assertSame([], $tree->all(QuestionRow::class));
        self::assertStringContainsString($lines, $tree->written(Version::V7));
    }

    public function test_a_search_that_points_at_nobody_is_kept(): void
    {
        $tree = MemoryTree::reading("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 _NB_SEARCH wills\n1 _NB_OUTCOME nothing\n1 _NB_FOR @I9@\n0 TRLR\n");
        self::assertSame([], $tree->all(SearchRow::class));
        self::assertStringContainsString("0 _NB_SEARCH wills\n", $tree->written(Version::V7));
    }
}
