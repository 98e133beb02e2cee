<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;

/** Printed pages, read back: no heading stands alone at the foot of one, and no line runs over its margin. */
final class PrintedPagesTest extends TestCase
{
    private const MARGIN_POINTS = 20 / 25.4 * 72;

    /** What stands before something else. */
    private const HEADING = '/^(Generation \d+|Child(ren)? of .*:|Notes|Bibliography|January|February|March|April|May|June|July|August'
        .'|September|October|November|December)$/';

    #[TestWith(['register', 'A4', 595.28])]
    #[TestWith(['register', 'Letter', 612.0])]
    #[TestWith(['villiers-pama', 'A4', 595.28])]
    #[TestWith(['anniversaries', 'A4', 595.28])]
    public function test_no_heading_ends_a_page_and_no_line_runs_over(string $kind, string $paper, float $width): void
    {
        $file = self::line(160);
        app(ImportTree::class)->run($file, 'line.ged', $this->user, new SilentProgress);
        unlink($file);
        $first = (string) DB::table('people')->where('tree_id', $this->tree->id)->orderBy('number')->value('id');
        $pdf = (string) tempnam(sys_get_temp_dir(), 'pages');
        file_put_contents($pdf, (string) $this->get("/api/trees/{$this->tree->id}/reports/{$kind}/"
            .($kind === 'anniversaries' ? 'all' : $first).".pdf?paper={$paper}")->assertOk()->getContent());
        $pages = array_values(array_filter(explode("\f", self::read($pdf, '-layout'))));
        $words = self::read($pdf, '-bbox');
        unlink($pdf);

        self::assertGreaterThan(3, count($pages));
        foreach ($pages as $at => $page) {
            $lines = array_values(array_filter(array_map(trim(...), explode("\n", $page)),
                static fn (string $line): bool => $line !== '' && preg_match('/^\d+ of \d+$/', $line) !== 1));
            self::assertDoesNotMatchRegularExpression(self::HEADING, (string) end($lines), 'page '.($at + 1));
        }
        self::assertStringContainsString('page width="'.(int) $width.'.', $words);
        preg_match_all('/ xMax="([\d.]+)"/', $words, $ends);
        self::assertLessThan($width - self::MARGIN_POINTS + 1.5, max(0.0, ...array_map(floatval(...), $ends[1])));
    }

    private static function read(string $pdf, string $how): string
    {
        $process = new Process(['pdftotext', $how, $pdf, '-']);
        $process->mustRun();

        return $process->getOutput();
    }

    /** A file of a line, with names and places long enough to fill lines. */
    private static function line(int $people): string
    {
        $individuals = $families = '';
        for ($at = 0; $at < $people; $at++) {
            $parent = intdiv($at - 1, 3);
            $born = 1650 + 28 * (int) floor(log($at + 1, 3)) + $at % 9;
            $individuals .= "0 @I{$at}@ INDI\n1 NAME Magnus Osmund Fenwhistle /Halloway-Sten/\n1 SEX M\n1 BIRT\n2 DATE ".($at % 28 + 1).' '
                .['JAN', 'MAY',
                    'OCT'][$at % 3]." {$born}\n2 PLAC Nethery Ness, Tolsay, Marren Isles, Kingdom of Aldane\n1 DEAT\n2 DATE ".($born + 60)
                ."\n1 OCCU keeper of the light and of its oil\n2 DATE ".($born + 30)."\n".($at === 0 ? '' : "1 FAMC @F{$parent}@\n")
                .($at * 3 + 1 < $people ? "1 FAMS @F{$at}@\n" : '');
            if ($at * 3 + 1 < $people) {
                $families .= "0 @F{$at}@ FAM\n1 HUSB @I{$at}@\n";
                for ($child = $at * 3 + 1; $child < min($people, $at * 3 + 4); $child++) {
                    $families .= "1 CHIL @I{$child}@\n";
                }
            }
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'line');
        file_put_contents($file, "0 HEAD\n1 GEDC\n2 VERS 7.0\n{$individuals}{$families}0 TRLR\n");

        return $file;
    }
}
