<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tests\Gedcom\Grammar\Checker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Small files of many hands, under corpus/: what must be read of each, in words of the model, what must come out in
 * either version, and what must be said. A file is parted by lines of "--- name": the version with the lines of the file
 * (a head and a trailer stand about them unless they bring their own), "reads", "said", and "5.5.1 out" and "7 out" where
 * the lines that come out differ from those that went in.
 */
final class CorpusTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(__DIR__.'/corpus/*.txt') ?: [] as $path) {
            yield basename($path, '.txt') => [$path];
        }
    }

    #[DataProvider('files')]
    public function test_reads_writes_and_says_what_it_must(string $path): void
    {
        $case = self::parts($path);
        $version = isset($case['7']) ? Version::V7 : Version::V551;
        $file = self::file($case[$version->value], $version);
        $tree = MemoryTree::reading($file);
        self::assertSame($case['reads'] ?? '', implode("\n", InWords::of($tree)));
        self::assertSame($case['said'] ?? '',
            implode("\n", array_map(static fn (Remark $remark): string => "{$remark->text}: {$remark->why}", $tree->report->remarks)));

        $own = $tree->written($version);
        self::assertSame($case["{$version->value} out"] ?? self::body($file), self::body($own), 'In its own version it says the same.');
        $other = $version === Version::V7 ? Version::V551 : Version::V7;
        $there = $tree->written($other);
        if (isset($case["{$other->value} out"])) {
            self::assertSame($case["{$other->value} out"], self::body($there));
        }
        self::assertSame([], Checker::faults($there), $there);
        $back = MemoryTree::reading($there)->written($version);
        self::assertSame($case['and back'] ?? self::body($own), self::body($back), "There and back again, by way of\n{$there}");
        self::assertSame($back, MemoryTree::reading($back)->written($version), 'From the second time on it is the same to the byte.');
    }

    public function test_there_are_sixty_at_least_and_each_says_what_it_is_about(): void
    {
        $files = iterator_to_array(self::files());
        self::assertGreaterThanOrEqual(60, count($files));
        foreach ($files as [$path]) {
            self::assertNotSame('', self::parts($path)[''], $path);
        }
    }

    /** @return array<string, string> by name; what stands before the first is what it is about */
    private static function parts(string $path): array
    {
        $parts = preg_split('/^--- (.+)$/m', (string) file_get_contents($path), flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $case = ['' => trim($parts[0])];
        for ($at = 1; $at + 1 < count($parts); $at += 2) {
            $case[$parts[$at]] = trim($parts[$at + 1], "\n");
        }

        return $case;
    }

    private static function file(string $lines, Version $version): string
    {
        return preg_match('/^0\s+HEAD/im', $lines) === 1 ? "{$lines}\n"
            : "0 HEAD\n1 GEDC\n2 VERS {$version->headWords()}\n{$lines}\n0 TRLR\n";
    }

    /** The records, without the head and the trailer, and without who hands the file in. */
    private static function body(string $file): string
    {
        $records = preg_split('/^(?=0 )/m', (string) preg_replace('/^\xEF\xBB\xBF/', '', $file), flags: PREG_SPLIT_NO_EMPTY) ?: [];

        return trim(implode('',
            array_filter($records,
                static fn (string $record): bool => preg_match('/^0 (HEAD|TRLR|@\w+@ SUBM\n1 NAME A tree)/', $record) !== 1)), "\n");
    }
}
