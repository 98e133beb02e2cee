<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tests\Gedcom\Grammar\Checker;
use NorthBough\Core\Tests\Gedcom\Grammar\Drawn;
use NorthBough\Core\Tests\Gedcom\Grammar\FiveFiveOne;
use NorthBough\Core\Tests\Gedcom\Grammar\Seven;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Structures drawn from the tables of either version: they come back in their own, and are lines of the other in the other. */
final class DrawnFilesTest extends TestCase
{
    private const SEEDS = 100;

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield 'version 7' => [Version::V7];
        yield 'version 5.5.1' => [Version::V551];
    }

    #[DataProvider('versions')]
    public function test_what_is_drawn_is_of_the_version(Version $version): void
    {
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            self::assertSame([], Checker::faults(self::drawn($version, $seed)), "seed {$seed}");
        }
    }

    #[DataProvider('versions')]
    public function test_it_says_the_same_in_its_own_version(Version $version): void
    {
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $file = self::drawn($version, $seed);
            $own = MemoryTree::reading($file)->written($version);
            self::assertSame(SaysTheSame::normalised($file), SaysTheSame::normalised($own), "seed {$seed}");
            self::assertSame([], Checker::faults($own), "seed {$seed}");
        }
    }

    #[DataProvider('versions')]
    public function test_in_the_other_version_no_line_is_of_this_one_and_the_way_back_is_the_same_from_then_on(Version $version): void
    {
        $other = $version === Version::V7 ? Version::V551 : Version::V7;
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $there = MemoryTree::reading(self::drawn($version, $seed))->written($other);
            self::assertSame([], Checker::faults($there), "seed {$seed}:\n{$there}");
            $back = MemoryTree::reading($there)->written($version);
            self::assertSame([], Checker::faults($back), "seed {$seed}, back:\n{$back}");
            self::assertSame($back, MemoryTree::reading($back)->written($version), "seed {$seed}");
        }
    }

    private static function drawn(Version $version, int $seed): string
    {
        return Drawn::file($version === Version::V7 ? new Seven : new FiveFiveOne, $seed);
    }
}
