<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Family\PartnerSlot;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\ClaimUseRow;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How ties stand, what they rest on, and what is asked of a line, in a file: read, and written as they were read. */
final class TiesInFilesTest extends TestCase
{
    private const PEOPLE = "0 @I1@ INDI\n1 NAME Kit /Tarrel/\n1 FAMC @F1@\n%s0 @I2@ INDI\n1 NAME Magnus /Tarrel/\n1 FAMS @F1@\n%s0 @I3@ "
        ."INDI\n1 NAME Senara /Vane/\n%s";

    private const FAMILY = "0 @F1@ FAM\n1 HUSB @I2@\n%s1 CHIL @I1@\n";

    private const RECORD = "0 @S1@ SOUR\n1 TITL Register of Hask\n1 _NB_RECORD p. 4\n2 _NB_LINE Kit Tarrel\n%s2 _NB_LINE Magnus Tarrel\n";

    public function test_each_parent_is_told_where_they_are_not_alike_and_with_what_it_rests_on(): void
    {
        $parents = "2 _NB_PARENT @I2@\n3 _NB_PROOF probable\n3 _NB_BY 7\n3 SOUR @S1@\n4 PAGE p. 4\n4 QUAY 0\n4 _NB_LINE 1\n5 _NB_ASPECT "
            ."child\n5 _NB_WITH 2\n5 _NB_RULE son of the head\n4 _NB_EVIDENCE direct\n4 _NB_NUMBERED 9\n"
            ."2 _NB_PARENT @I3@\n3 _NB_KIND foster\n3 _NB_CALLED nurse child\n3 _NB_YEARS 1850 to 1857\n3 _NB_STANDING rival\n";
        $case = "1 _NB_QUESTION parent\n2 _NB_KIND kinship\n2 _NB_STATE probable\n2 _NB_NUMBERED 7\n2 _NB_ALTERNATIVE Magnus\n3 "
            ."_NB_PERSON @I2@\n3 _NB_POINT The register says so.\n4 _NB_SPEAKS for\n4 _NB_CLAIM 9\n2 _NB_TASK Read his will.\n3 _NB_DONE "
            ."2026-11-20\n2 _NB_RESTS 9\n";
        $search = "0 _NB_SEARCH a foundling\n1 _NB_OUTCOME nothing\n1 _NB_CASE 7\n";
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, $parents.$case, '', "1 FAMS @F1@\n"), "1 WIFE @I3@\n", '', $search));

        [$magnus, $senara] = $tree->all(ParentageRow::class);
        self::assertSame([Proof::Probable, ParentageKind::Birth, Standing::Unweighed], [$magnus->proof, $magnus->kind, $magnus->standing]);
        self::assertSame([ParentageKind::Foster, 'nurse child', '1850 to 1857', Standing::Rival],
            [$senara->kind, $senara->kindWords, $senara->years, $senara->standing]);
        $claim = $tree->all(ClaimRow::class)[0];
        self::assertSame(['child', 2, ['rule' => 'son of the head']],
            [$claim->line?->aspect, $claim->line?->otherNumber, $claim->line?->said]);
        self::assertSame([$claim->id, $magnus->id, 'supports', 'direct'],
            [$tree->all(ClaimUseRow::class)[0]->claimId, $tree->all(ClaimUseRow::class)[0]->of->id,
                $tree->all(ClaimUseRow::class)[0]->stance, $tree->all(ClaimUseRow::class)[0]->evidence]);
        $question = $tree->all(QuestionRow::class)[0];
        self::assertSame([$claim->id, $question->id],
            [$tree->all(PointRow::class)[0]->claimId, $tree->all(SearchRow::class)[0]->questionId]);
        self::assertEqualsCanonicalizing(
            [[DecisionSubject::Parentage, $magnus->id, $question->id], [DecisionSubject::Question, $question->id, $claim->id]],
            array_map(static fn (RestsOnRow $row): array => [$row->kind, $row->decidedId, $row->groundId], $tree->all(RestsOnRow::class)));
        self::assertSame([], $tree->all(KeptRow::class));
        $this->comesBack($tree);
    }

    public function test_a_citation_that_was_copied_says_from_which_wherever_it_stands(): void
    {
        $birth = "1 BIRT\n2 DATE 1850\n2 SOUR @S1@\n3 PAGE a copy\n3 _NB_CLASSED\n4 _NB_TIE his father\n4 _NB_EVIDENCE indirect\n3 "
            ."_NB_FROM 4\n2 SOUR @S1@\n3 PAGE p. 1\n3 _NB_NUMBERED 4\n";
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, $birth, '', ''), ''));
        $claims = array_column($tree->all(ClaimRow::class), null, 'id');
        $copy = array_values(array_filter($claims, static fn (ClaimRow $claim): bool => $claim->derivedFromId !== ''))[0];
        self::assertSame(['indirect', 'his father'], [$copy->classes->evidence, $copy->classes->informantTie]);
        self::assertArrayHasKey($copy->derivedFromId, $claims);
        self::assertNotSame($copy->id, $copy->derivedFromId);
        $this->comesBack($tree);
    }

    public function test_copies_of_one_another_go_round_in_no_circle(): void
    {
        $birth = "1 BIRT\n2 SOUR @S1@\n3 PAGE a\n3 _NB_NUMBERED 1\n3 _NB_FROM 2\n2 SOUR @S1@\n3 PAGE b\n3 _NB_NUMBERED 2\n3 _NB_FROM 3\n2 "
            ."SOUR @S1@\n3 PAGE c\n3 _NB_NUMBERED 3\n3 _NB_FROM 1\n2 SOUR @S1@\n3 PAGE d\n3 _NB_NUMBERED 4\n3 _NB_FROM 4\n";
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, $birth, '', ''), ''));
        self::assertSame([true, true, false, false],
            array_map(static fn (ClaimRow $claim): bool => $claim->derivedFromId !== '', $tree->all(ClaimRow::class)));
    }

    public function test_what_is_said_twice_is_taken_once_and_the_second_is_kept(): void
    {
        $twice = "1 BIRT\n2 SOUR @S1@\n3 PAGE a\n3 _NB_CLASSED\n4 _NB_INFORMATION primary\n3 _NB_CLASSED\n4 _NB_INFORMATION secondary\n2 "
            ."_NB_STANDING rival\n2 _NB_STANDING accepted\n";
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, $twice, '', ''), ''));
        self::assertSame('primary', $tree->all(ClaimRow::class)[0]->classes->information);
        $kept = implode('', array_column($tree->all(KeptRow::class), 'lines'));
        self::assertStringContainsString('_NB_STANDING accepted', $kept);
        self::assertStringContainsString('_NB_INFORMATION secondary', $kept);
        self::assertStringNotContainsString('rival', $kept);
    }

    public function test_parents_who_are_alike_need_no_line_of_their_own(): void
    {
        $file = self::file(sprintf(self::PEOPLE, "2 STAT PROVEN\n", '', "1 FAMS @F1@\n"), "1 WIFE @I3@\n");
        self::assertStringNotContainsString('_NB_PARENT', MemoryTree::reading($file)->written(Version::V7));
        self::assertStringContainsString('2 STAT PROVEN', MemoryTree::reading($file)->written(Version::V7));
    }

    public function test_who_was_ruled_out_as_a_partner_is_no_partner_and_comes_back(): void
    {
        $tree = MemoryTree::reading(
            self::file(sprintf(self::PEOPLE, '', "2 _NB_STANDING accepted\n", ''),
                "1 _NB_RULED_PARTNER @I3@\n2 _NB_SLOT WIFE\n2 FAMS\n3 NOTE Wed at sea.\n"));
        self::assertSame([[PartnerSlot::First, Standing::Accepted], [PartnerSlot::Second, Standing::RuledOut]],
            array_map(static fn (UnionPartnerRow $row): array => [$row->slot, $row->standing], $tree->all(UnionPartnerRow::class)));
        self::assertCount(1, $tree->all(ParentageRow::class), 'nobody is a parent by having been ruled out as a partner');
        foreach (Version::cases() as $version) {
            self::assertStringNotContainsString("1 WIFE\n", $tree->written($version));
            self::assertStringContainsString("2 FAMS\n3 NOTE Wed at sea.\n", $tree->written($version));
            self::assertStringContainsString("1 NOTE Ruled out as a partner: ?.\n2 _NB_RULED Y\n", $tree->written($version));
        }
        $this->comesBack($tree);
    }

    public function test_a_case_may_ask_who_a_line_is_and_several_may_be_it(): void
    {
        $placed = "3 _NB_PLACED @I3@\n4 _NB_STATE refused\n3 _NB_PLACED @I1@\n4 _NB_BY 1\n";
        $case = "0 _NB_QUESTION line\n1 _NB_KIND identity\n1 _NB_STATE proved\n1 _NB_NUMBERED 1\n1 _NB_ABOUT @S1@\n2 PAGE p. 4\n2 "
            ."_NB_LINE 1\n1 _NB_ALTERNATIVE Kit\n2 _NB_PERSON @I1@\n";
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, '', '', ''), '', $placed, $case));
        [$refused, $settled] = $tree->all(PlacingRow::class);
        self::assertSame(['refused', 'placed'], [$refused->state, $settled->state]);
        $question = $tree->all(QuestionRow::class)[0];
        self::assertSame(['', $settled->lineId], [$question->personId, $question->line?->lineId]);
        self::assertSame([DecisionSubject::Placing, $settled->id, $question->id],
            [$tree->all(RestsOnRow::class)[0]->kind, $tree->all(RestsOnRow::class)[0]->decidedId,
                $tree->all(RestsOnRow::class)[0]->groundId]);
        self::assertSame([], $tree->all(KeptRow::class));
        $this->comesBack($tree);
    }

    /** What holds more than we write, or points outside of the file, stays as it is written, and nobody loses a parent by it. */
    #[TestWith(["2 _NB_PARENT @I9@\n"])]
    #[TestWith(["2 _NB_PARENT @I2@\n3 _NB_STANDING perhaps\n"])]
    #[TestWith(["2 _NB_PARENT @I2@\n3 NOTE Not ours.\n"])]
    #[TestWith(["2 _NB_PARENT @I2@\n3 SOUR @S1@\n4 PAGE p. 9\n4 _NB_LINE 1\n"])]
    #[TestWith(["2 _NB_PARENT @I2@\n2 _NB_PARENT @I2@\n"])]
    public function test_what_is_not_ours_is_kept(string $lines): void
    {
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, $lines, '', ''), ''));
        self::assertCount(1, $tree->all(ParentageRow::class));
        self::assertStringContainsString($lines, $tree->written(Version::V7));
    }

    public function test_what_points_at_nothing_is_told(): void
    {
        $case = "1 _NB_QUESTION parent\n2 _NB_KIND kinship\n2 _NB_STATE open\n2 _NB_ALTERNATIVE Magnus\n3 _NB_POINT Her will.\n4 "
            ."_NB_SPEAKS for\n4 _NB_CLAIM 3\n";
        $tree = MemoryTree::reading(self::file(sprintf(self::PEOPLE, $case, '', ''), ''));
        self::assertSame('', $tree->all(PointRow::class)[0]->claimId);
        self::assertSame(['points to a claim that is not in the file'], array_column($tree->report->remarks, 'why'));
    }

    private static function file(string $people, string $partner, string $placed = '', string $more = ''): string
    {
        return "0 HEAD\n1 GEDC\n2 VERS 7.0\n".$people.sprintf(self::FAMILY, $partner).sprintf(self::RECORD, $placed).$more."0 TRLR\n";
    }

    private function comesBack(MemoryTree $tree): void
    {
        foreach (Version::cases() as $version) {
            $again = MemoryTree::reading($tree->written($version));
            self::assertSame($tree->written($version), $again->written($version), $version->value);
            self::assertSame(array_map(count(...), array_diff_key($tree->rows, [KeptRow::class => 1])),
                array_map(count(...), array_intersect_key($again->rows, array_diff_key($tree->rows, [KeptRow::class => 1]))),
                $version->value);
        }
    }
}
