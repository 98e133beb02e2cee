<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\NotReadable;
use PHPUnit\Framework\TestCase;

/** Files as they come out of broken programs: nothing crashes, and no word is lost without being listed. */
final class MangledTest extends TestCase
{
    private const ROUNDS = 1500;

    public function test_nothing_crashes_and_no_word_is_lost(): void
    {
        mt_srand(1881);
        $read = 0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $file = self::mangled(FileTest::file($round % 2 === 0 ? 'isles-551.ged' : 'isles-7.ged'));
            try {
                $tree = MemoryTree::reading($file);
            } catch (NotReadable) {
                continue;
            }
            $read++;
            $said = $tree->written($tree->report->version)
                .implode(' ', array_map(static fn ($remark): string => $remark->text, $tree->report->remarks));
            foreach (self::words($file) as $word) {
                self::assertStringContainsString($word, $said, "round {$round} lost “{$word}” of\n{$file}");
            }
        }
        self::assertGreaterThan(self::ROUNDS / 2, $read);
    }

    private static function mangled(string $file): string
    {
        $lines = explode("\n", trim($file));
        $first = array_slice($lines, 0, 10);
        $rest = array_slice($lines, 10);
        for ($change = mt_rand(1, 3); $change > 0; $change--) {
            $at = mt_rand(0, count($rest) - 1);
            match (mt_rand(0, 5)) {
                0 => $rest = array_slice($rest, 0, max(1, $at)),
                1 => shuffle($rest),
                2 => $rest[$at] = (string) preg_replace('/^\d+/', (string) mt_rand(1, 12), $rest[$at]),
                3 => $rest[$at] = substr($rest[$at], 0, mt_rand(0, strlen($rest[$at]))),
                4 => $rest[$at] = 'words that are no line',
                default => array_splice($rest, $at, 0, [$rest[mt_rand(0, count($rest) - 1)]]),
            };
        }

        return implode("\n", [...$first, ...$rest])."\n";
    }

    /**
     * Words of payloads that a reader would miss; not tags, levels, pointers, nor what the head says of its writer.
     *
     * @return list<string>
     */
    private static function words(string $file): array
    {
        $words = [];
        foreach (array_slice(explode("\n", $file), 10) as $line) {
            preg_match_all('/[A-Z]?[a-z]{4,}/', (string) preg_replace('/^\s*\d+ (@\S+@ )?\w+/', '', $line), $m);
            array_push($words, ...$m[0]);
        }

        return array_values(array_unique($words));
    }
}
