<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Standings, classes and questions, in lines of our own. */
final class EvidenceInFilesTest extends TestCase
{
    private const FILE = [
        '0 HEAD', '1 GEDC', '2 VERS 7.0',
        '0 @I1@ INDI', '1 NAME Magnus /Tarrel/', '1 BIRT', '2 DATE 3 MAY 1818', '2 PLAC Hask', '2 SOUR @S1@', '3 PAGE baptisms 1818',
        '3 QUAY 3', '3 _NB_CLASSED', '4 _NB_INFORMATION primary', '4 _NB_INFORMANT his father', '4 _NB_WEIGHT fair',
        '4 _NB_WHY A copy of the week.', '2 _NB_STANDING accepted',
        '1 _NB_RULED BIRT', '2 DATE 1817', '2 SOUR @S1@', '1 NOTE Ruled out: Birth 1817.', '2 _NB_RULED Y', '1 OCCU keeper',
        '2 _NB_STANDING rival', '1 _NB_RULED OCCU', '2 _NB_VALUE fowler', '1 _NB_RULED MARR', '2 _NB_DENIED Y',
        '1 _NB_QUESTION birth', '2 _NB_STATE decided', '2 _NB_TITLE two books', '2 _NB_DECISION 3 May 1818, Hask',
        '2 _NB_REASON The register was', '3 CONT written that month.',
        // More than we hold stays as it stands.
        '1 _NB_QUESTION death', '2 _NB_STATE asked elsewhere', '1 DEAT', '2 _NB_STANDING hotly denied', '2 SOUR @S1@', '3 _NB_CLASSED',
        '4 _NB_INFORMATION hearsay',
        '0 @S1@ SOUR', '1 TITL Register of St Osmund', '0 TRLR', '',
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
            self::assertEqualsCanonicalizing(
                [['birth', '3 May 1818', '', 'accepted', false], ['birth', '1817', '', 'ruled out', false],
                    ['occupation', '', 'keeper', 'rival', false], ['occupation', '', 'fowler', 'ruled out', false],
                    ['marriage', '', '', 'ruled out', true], ['death', '', '', 'rival', false]],
                array_map(static fn (EventRow $r): array => [$r->kind, $r->date->shown, $r->value, $r->standing->value, $r->denied],
                    $one->all(EventRow::class)));
            $classes = $one->all(ClaimRow::class, static fn (ClaimRow $r): bool => $r->classes->areSaid());
            self::assertSame([['primary', 'his father', 'fair', 'A copy of the week.']],
                array_map(static fn (ClaimRow $r): array => [$r->classes->information, $r->classes->informant, $r->classes->weight,
                    $r->classes->why], $classes));
            self::assertSame([['birth', 'decided', '3 May 1818, Hask', "The register was\nwritten that month."]],
                array_map(static fn (QuestionRow $r): array => [$r->aspect, $r->state, $r->decision, $r->reason],
                    $one->all(QuestionRow::class)));
            self::assertSame([], $one->all(NoteRow::class), 'What is ruled out is told once.');
            self::assertCount(3, $one->all(KeptRow::class, static fn (KeptRow $r): bool => ! str_contains($r->lines, ' SUBM')));
        }
    }

    /** Another program reads no event that was ruled out, and a person reads that it was. */
    public function test_what_was_ruled_out_is_no_event_for_others(): void
    {
        $written = MemoryTree::reading(implode("\n", self::FILE))->written(Version::V551);
        self::assertSame(1, preg_match_all('/^1 BIRT/m', $written));
        self::assertSame(0, preg_match_all('/^1 MARR/m', $written));
        self::assertStringContainsString("1 NOTE Ruled out: Birth 1817.\n2 _NB_RULED Y", $written);
    }

    /** In the older version, what was weighed and decided is told in words too; in version 7 the lines of our own are kept and shown. */
    public function test_what_was_weighed_can_be_read_in_the_older_version(): void
    {
        $tree = MemoryTree::reading(implode("\n", self::FILE));
        $written = $tree->written(Version::V551);
        self::assertStringContainsString("3 NOTE Weighed: fair, primary information, told by his father. A copy of the week.\n4 _NB_TOLD Y",
            $written);
        self::assertStringContainsString(
            "1 NOTE The birth: decided, 3 May 1818, Hask. The register was\n2 CONT written that month.\n2 _NB_TOLD Y", $written);
        self::assertStringNotContainsString('_NB_TOLD', $tree->written(Version::V7));
        // A note of somebody's own with such a mark is theirs where there is nothing that it could repeat.
        $theirs = "0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Una /Corran/\n1 NOTE He told me.\n2 _NB_TOLD Y\n0 TRLR\n";
        self::assertStringContainsString("1 NOTE He told me.\n2 _NB_TOLD Y", MemoryTree::reading($theirs)->written(Version::V7));
    }
}
