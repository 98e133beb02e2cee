<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Printing\PrintedReport;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Reports;
use Symfony\Component\Process\Process;

/** Every kind of report as a file of every form, read back by other programs. */
final class ReportFilesTest extends TestCase
{
    use EveryChange;

    public function test_every_kind_can_be_had_in_every_form_that_it_says(): void
    {
        $family = $this->family();
        foreach (Reports::kinds()->classes as $class) {
            $address = "/reports/{$class::code()}/".self::about($class, $family);
            $offered = $this->api('GET', $address)->assertOk()->json('formats');
            foreach (array_diff(PrintedReport::FORMATS, ['pdf']) as $format) {
                $answer = $this->get("/api/trees/{$this->tree->id}{$address}.{$format}");
                $answer->assertStatus(in_array($format, $offered, true) ? 200 : 422);
            }
        }
    }

    public function test_a_word_processor_gets_notes_as_notes_and_headings_as_headings(): void
    {
        $family = $this->family();
        foreach (['docx', 'odt'] as $format) {
            $written = $this->read("/reports/register/{$family['person']}", $format, 'markdown');

            self::assertMatchesRegularExpression('/^## (\[\]\{#anchor\})?Generation 1$/m', $written, $format);
            self::assertMatchesRegularExpression('/was born.*\.\[\^1\]/', $written, $format);
            self::assertMatchesRegularExpression('/^\[\^1\]: /m', $written, $format);
        }
    }

    public function test_a_plot_is_a_picture_with_its_words(): void
    {
        $this->family();

        self::assertMatchesRegularExpression('/!\[Commonest surnames: \d+ counted\]\(/', $this->read('/reports/statistics/all', 'docx',
            'markdown'));
    }

    public function test_numbered_rows_have_the_pointer_of_the_imported_file(): void
    {
        $family = $this->family();
        $csv = (string) $this->get("/api/trees/{$this->tree->id}/reports/daboville/{$family['person']}.csv")->assertOk()->getContent();
        $rows = array_map(str_getcsv(...), explode("\r\n", trim($csv)));

        self::assertSame(['number', 'ref', 'name', 'born', 'died'], array_slice($rows[0], 0, 5));
        self::assertSame('1', $rows[1][0]);
        self::assertStringContainsString('text/csv',
            (string) $this->get("/api/trees/{$this->tree->id}/reports/daboville/{$family['person']}.csv")
                ->headers->get('Content-Type'));
    }

    public function test_the_living_are_listed_first_and_told_by_person_where_the_owner_asks(): void
    {
        $first = $this->person('Una Osk b 1999');
        $second = $this->person('Ailie Osk b 2001');
        $parent = $this->person('Gavin Osk b 1900 d 1980');
        foreach ([$first, $second] as $child) {
            $this->api('POST', "/people/{$parent}/relatives", ['relation' => 'child', 'personId' => $child])->assertOk();
        }
        $address = "/reports/daboville/{$parent}";
        self::assertEqualsCanonicalizing([$first, $second], array_column($this->api('GET', $address)->json('living'), 'id'));
        $csv = fn (string $query): string => (string) $this->get("/api/trees/{$this->tree->id}{$address}.csv{$query}")->assertOk()
            ->getContent();

        self::assertStringNotContainsString('Una', $csv(''));
        $told = DB::table('change_sets')->count();
        self::assertStringContainsString('Una Osk', $csv("?keep={$first}"));
        self::assertStringNotContainsString('Ailie', $csv("?keep={$first}"));
        self::assertSame($told + 2, DB::table('change_sets')->count(), 'That somebody living left in full is in the journal.');
        self::assertStringContainsString('Ailie Osk', $csv('?living=keep'));
    }

    public function test_a_report_of_the_tree_can_be_of_some_people(): void
    {
        $una = $this->person('Una Osk b 3 May 1801');
        $this->person('Ailie Drum b 4 May 1802');

        self::assertStringContainsString('Ailie Drum', $this->api('GET', '/reports/anniversaries/all')->json('html'));
        $some = $this->api('GET', "/reports/anniversaries/{$una}")->json('html');
        self::assertStringContainsString('Una Osk', $some);
        self::assertStringNotContainsString('Ailie Drum', $some);
    }

    public function test_reports_of_an_empty_tree_say_so(): void
    {
        foreach (['sources', 'log', 'tasks', 'questions', 'findings', 'anniversaries', 'statistics'] as $kind) {
            self::assertMatchesRegularExpression('/<span class="faint">(There|No|Nothing) /', $this->api('GET', "/reports/{$kind}/all")
                ->json('html'),
                $kind);
        }
    }

    /**
     * @param  class-string<Report>  $class
     * @param  array<string, string>  $family
     */
    private static function about(string $class, array $family): string
    {
        return match ($class::subject()) {
            SubjectKind::Person, SubjectKind::People, SubjectKind::Line => $family['person'],
            SubjectKind::Couple => $family['union'],
            SubjectKind::Record => $family['record'],
            SubjectKind::Question => $family['case'],
            SubjectKind::Text => $family['text'],
            SubjectKind::Book => $family['book'],
            SubjectKind::Tree, SubjectKind::Set => Subject::WHOLE,
        };
    }

    private function read(string $address, string $from, string $to): string
    {
        $content = (string) $this->get("/api/trees/{$this->tree->id}{$address}.{$from}")->assertOk()->getContent();
        $pandoc = new Process([config('northbough.programs.pandoc'), "--from={$from}", "--to={$to}", '--wrap=none'], input: $content);
        $pandoc->mustRun();

        return $pandoc->getOutput();
    }
}
