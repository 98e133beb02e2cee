<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\TestCase;

/** Files as they come out of broken programs: nothing crashes, and no word is lost without being listed. */
final class MangledTest extends TestCase
{
    private const ROUNDS = 10_000;

    /** Lines of the head, which every file says anew, are left whole in most rounds. */
    private const HEAD = 10;

    public function test_nothing_crashes_and_no_word_is_lost(): void
    {
        mt_srand(1881);
        $files = array_map(FileTest::file(...), ['isles-551.ged', 'isles-7.ged']);
        $read = 0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $file = Mangled::lines($files[$round % 2], self::HEAD);
            $file = $round % 4 < 2 ? $file : Mangled::bytes($file, strlen(implode("\n", array_slice(explode("\n", $file), 0, self::HEAD))));
            try {
                $tree = MemoryTree::reading($file);
            } catch (NotReadable) {
                continue;
            }
            $read++;
            // A word may be continued on the next line at another letter than before.
            $said = preg_replace('/\n\d+ CONC /', '', $tree->written($tree->report->version))
                .implode(' ', array_map(static fn ($remark): string => $remark->text, $tree->report->remarks));
            foreach (Mangled::words($file, self::HEAD) as $word) {
                if (! str_contains($said, $word)) {
                    self::fail("round {$round} lost “{$word}” of\n{$file}");
                }
            }
        }
        self::assertGreaterThan(self::ROUNDS / 2, $read);
    }

    public function test_a_head_that_is_broken_is_refused_or_read(): void
    {
        mt_srand(1871);
        $refused = 0;
        for ($round = 0; $round < 500; $round++) {
            try {
                MemoryTree::reading(Mangled::bytes(FileTest::file('isles-7.ged'), 0, 200))->written(Version::V7);
            } catch (NotReadable $problem) {
                self::assertNotSame('', $problem->getMessage());
                $refused++;
            }
        }
        self::assertGreaterThan(20, $refused);
        self::assertLessThan(480, $refused);
    }
}
