<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Naming;

use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\Variants\GivenNames;
use PHPUnit\Framework\TestCase;

final class NameVariantsTest extends TestCase
{
    public function test_known_variants(): void
    {
        $variants = NameVariants::usual();
        foreach ([['Keziah', 'Hezzy'], ['Isbel', 'Elizabeth'], ['Jory', 'George'], ['Margaret', 'Peggy'], ['WILLIAM', 'bill'],
            ['Johannes', 'Jack']] as [$one, $other]) {
            self::assertTrue($variants->areVariants($one, $other), "{$one} and {$other}");
            self::assertContains(mb_strtolower($other), $variants->of($one));
            self::assertTrue($variants->areVariants($other, $one));
        }
        self::assertFalse($variants->areVariants('Keziah', 'Margaret'));
        self::assertTrue($variants->areVariants('Quillan', 'quillan'));
        self::assertSame([], $variants->of('Quillan'));
    }

    public function test_a_user_adds_groups(): void
    {
        $variants = NameVariants::with(['Lowena Lowenna Wenna']);

        self::assertSame(['lowenna', 'wenna'], $variants->of('Lowena'));
        self::assertTrue($variants->areVariants('Peg', 'Margaret'));
    }

    public function test_the_table_is_written_as_it_is_read(): void
    {
        foreach (GivenNames::GROUPS as $group) {
            self::assertMatchesRegularExpression('/^[a-z]+( [a-z]+)+$/', $group);
            $names = explode(' ', $group);
            self::assertSame($names, array_values(array_unique($names)), $group);
        }
    }
}
