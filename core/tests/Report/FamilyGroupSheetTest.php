<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Report\People\FamilyGroupSheet;
use NorthBough\Core\Report\Render\Html;
use NorthBough\Core\Report\Reports;
use NorthBough\Core\Sex;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\CitedSource;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use PHPUnit\Framework\TestCase;

final class FamilyGroupSheetTest extends TestCase
{
    public function test_tells_the_couple_the_parents_and_the_children(): void
    {
        $html = self::sheet();

        self::assertStringContainsString('<h1><span class="name">Ewan Tarrel and Annot Ibsley</span></h1>', $html);
        self::assertStringContainsString('Child of Magnus Tarrel.', strip_tags($html));
        self::assertStringContainsString('4 Jun 1758', $html);
        self::assertStringContainsString('Kirsty Osk', $html);
        self::assertMatchesRegularExpression('/Magnus Tarrel.*Barbra Tarrel/s', $html);
    }

    public function test_notes_number_on_and_are_full_once_and_short_after(): void
    {
        $notes = self::notes();

        self::assertCount(3, $notes);
        self::assertSame('Parish of St Osmund, Register of St Osmund (manuscript), entry ewan; Marren Record House.',
            self::text($notes[0]));
        self::assertSame('Parish of St Osmund, Register of St Osmund, entry annot.', self::text($notes[1]));
    }

    public function test_a_mark_that_is_printed_points_at_a_note_that_is_there(): void
    {
        $html = self::sheet();
        preg_match_all('/href="#note-(\d+)"/', $html, $marks);

        self::assertNotSame([], $marks[1]);
        foreach ($marks[1] as $mark) {
            self::assertStringContainsString("<li id=\"note-{$mark}\">", $html);
        }
    }

    public function test_a_christening_never_passes_for_a_birth(): void
    {
        $isles = (new Isles)->person('a', 'Hew Osk h')->person('c', 'Nan Osk w')->union('u', ['a'], ['c']);
        self::assertStringContainsString('<span class="faint">–</span>',
            (new Html)->body((new FamilyGroupSheet)->build(new TestMaterial($isles->tree()), Subject::couple('u'), 'today')));
    }

    public function test_what_is_disputed_or_ruled_out_is_told_as_that(): void
    {
        $isles = (new Isles)->person('hew', 'Hew Osk h')->person('nan', 'Nan Drum w')->union('u', ['hew', 'nan'], ['a', 'b', 'c'])
            ->person('a', 'Ada Osk w')->person('b', 'Ben Osk h')->person('c', 'Cora Osk w')
            ->tie('a', 'nan', ParentageKind::Birth, Proof::Probable)
            ->tie('b', 'nan', ParentageKind::Birth, Proof::Unstated, Standing::RuledOut)
            ->tie('c', 'nan', ParentageKind::Birth, Proof::Unstated, Standing::RuledOut)
            ->tie('c', 'hew', ParentageKind::Birth, Proof::Unstated, Standing::RuledOut);
        $html = (new Html)->body((new FamilyGroupSheet)->build(new TestMaterial($isles->tree()), Subject::couple('u'), 'today'));
        self::assertMatchesRegularExpression('/Ada Osk<\/span><span class="faint"> not proved</', $html);
        self::assertMatchesRegularExpression('/Ben Osk<\/span><span class="faint"> not of Nan Drum</', $html);
        self::assertStringNotContainsString('Cora Osk', $html);

        $of = static function (Standing $couple): string {
            $born = static fn (string $id, string $date, Standing $standing): Event => new Event($id, 'birth', '', '',
                GenDate::parse($date), '', false, [], $standing);
            $person = new Person('p', 1, Sex::Female, [],
                [$born('x', '1800', Standing::Accepted), $born('y', '1802', Standing::Rival), $born('z', '1804', Standing::RuledOut)]);

            return (new Html)->body((new FamilyGroupSheet)
                ->build(new TestMaterial(new Snapshot([$person], [new Union('u', ['p'], [], [], standings: ['p' => $couple])], [])),
                    Subject::couple('u'), 'today'));
        };
        self::assertMatchesRegularExpression('/Birth.*1800.*Birth<span class="faint"> \(a rival\)<\/span>.*1802/s',
            $of(Standing::Accepted));
        self::assertStringNotContainsString('1804', $of(Standing::Accepted));
        self::assertStringContainsString('That they were a couple is only said.', $of(Standing::Rival));
        self::assertStringNotContainsString('only said', $of(Standing::Accepted));
    }

    public function test_rivals_and_source_notes_are_left_out_where_that_is_chosen(): void
    {
        $event = static fn (string $id, string $date, Standing $standing): Event => new Event($id, 'birth', '', '', GenDate::parse($date),
            '', false, [], $standing);
        $person = new Person('p', 1, Sex::Female, [], [$event('x', '1800', Standing::Accepted), $event('y', '1802', Standing::Rival)]);
        $tree = new Snapshot([$person], [new Union('u', ['p'], [], [])], []);
        $with = static fn (FamilyGroupSheet $sheet): string => (new Html)->body($sheet->build(new TestMaterial($tree),
            Subject::couple('u'), ''));
        self::assertStringContainsString('1802', $with(new FamilyGroupSheet));
        self::assertStringNotContainsString('1802', $with(new FamilyGroupSheet(rivals: false)));

        $bare = (new Html)->body((new FamilyGroupSheet(notes: false))
            ->build(new TestMaterial(self::isles()->tree()), Subject::couple('u1'), 'today'));
        self::assertStringContainsString('note-1', self::sheet());
        self::assertStringNotContainsString('note', $bare);
        self::assertSame(strip_tags((string) preg_replace('/\x{2060}?<sup>.*?<\/sup>|<h2>Notes.*|<h2 id="notes">Sources.*/su', '',
            self::sheet())),
            strip_tags($bare));
    }

    public function test_an_unknown_couple_or_report_says_so(): void
    {
        self::assertInstanceOf(FamilyGroupSheet::class, Reports::named('family'));
        $this->expectException(SubjectMissing::class);
        (new FamilyGroupSheet)->build(new TestMaterial((new Isles)->tree()), Subject::couple('nobody'), 'today');
    }

    public function test_names_cannot_smuggle_markup(): void
    {
        $isles = (new Isles)->person('a', '<script>alert(1)</script> Osk')->union('u', ['a'], []);
        $html = Html::page((new FamilyGroupSheet)->build(new TestMaterial($isles->tree()), Subject::couple('u'), 'today'), '');

        self::assertStringNotContainsString('<script>', $html);
        self::assertStringContainsString('&lt;script&gt;', $html);
    }

    public function test_notes_leave_out_what_is_empty(): void
    {
        $source = new CitedSource('s', 'Headstones at Gannet Stair', '', '', '');

        self::assertSame('Headstones at Gannet Stair.', self::text(NoteForms::full($source, '')));
        self::assertSame('Headstones at Gannet Stair, row 2.', self::text(NoteForms::short($source, 'row 2')));
        self::assertSame('Headstones at Gannet Stair.', self::text(NoteForms::bibliography($source)));
        self::assertSame('Parish of St Osmund. Register of St Osmund. Manuscript. Marren Record House.',
            self::text(NoteForms::bibliography(Isles::register())));
    }

    private static function isles(): Isles
    {
        return (new Isles)->person('magnus', 'Magnus Tarrel h')->person('ewan', 'Ewan Tarrel h b 10 Feb 1732 Hask', cited: true)
            ->person('annot', 'Annot Ibsley w b 1736', cited: true)->person('m2', 'Magnus Tarrel h b 2 Apr 1760', cited: true)
            ->person('b', 'Barbra Tarrel w b 1763')->person('k', 'Kirsty Osk w')
            ->union('u0', ['magnus'], ['ewan'])->union('u1', ['ewan', 'annot'], ['m2', 'b'], '4 June 1758 St Bregan')
            ->union('u2', ['m2', 'k'], []);
    }

    private static function sheet(): string
    {
        return (new Html)->body((new FamilyGroupSheet)->build(new TestMaterial(self::isles()->tree()), Subject::couple('u1'),
            '1 January 2026'));
    }

    /** @return list<list<StyledWords>> */
    private static function notes(): array
    {
        $blocks = (new FamilyGroupSheet)->build(new TestMaterial(self::isles()->tree()), Subject::couple('u1'), '1 January 2026')->all();
        $last = array_values(array_filter($blocks, static fn ($block): bool => $block instanceof NoteList))[0] ?? null;

        return $last instanceof NoteList ? $last->notes : [];
    }

    /** @param  list<StyledWords>  $words */
    private static function text(array $words): string
    {
        return implode('', array_map(static fn (StyledWords $part): string => $part->text, $words));
    }
}
