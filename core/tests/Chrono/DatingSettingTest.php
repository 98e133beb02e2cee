<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DatingProblem;
use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Chrono\GenDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DatingSettingTest extends TestCase
{
    use ReadsDates;

    public function test_what_is_left_unsaid_comes_from_what_lies_wider(): void
    {
        $tree = DatingSetting::of(['order' => 'mdy'])->over(DatingConvention::unknown());
        $country = DatingSetting::of(['calendar' => 'JULIAN', 'yearStart' => '25 March', 'until' => '31 December 1752'])->over($tree);
        $source = DatingSetting::of(['order' => 'dmy'])->over($country);

        self::assertSame('1902-03-04', self::spans(GenDate::parse('3/4/1902', $country)));
        self::assertSame('1902-04-03', self::spans(GenDate::parse('3/4/1902', $source)));
        self::assertSame('1732-02-21', self::spans(GenDate::parse('10 Feb 1731', $source)));
        self::assertSame('1731-02-10 or 1732-02-21', self::spans(GenDate::parse('10 Feb 1731', $tree)));
    }

    public function test_nothing_said_changes_nothing(): void
    {
        self::assertEquals(DatingConvention::unknown(), DatingSetting::of(['calendar' => '', 'order' => ' '])
            ->over(DatingConvention::unknown()));
    }

    public function test_it_is_told_in_words(): void
    {
        self::assertSame('Julian, the year from 25 March, until 31 December 1752; 3/4 is the 3rd of April',
            DatingSetting::of(['calendar' => 'JULIAN', 'yearStart' => '25 March', 'until' => '31 December 1752', 'order' => 'dmy'])
                ->inWords());
        self::assertSame('seasons of the southern half', DatingSetting::of(['hemisphere' => 'south'])->inWords());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function refused(): iterable
    {
        yield 'a calendar nobody kept' => [['calendar' => 'LUNAR'], 'LUNAR'];
        yield 'a year from nowhere' => [['calendar' => 'JULIAN', 'yearStart' => '3 May'], '3 May'];
        yield 'an end of nothing' => [['until' => '31 December 1752'], 'Say which calendar'];
        yield 'a last day that is a month' => [['calendar' => 'JULIAN', 'until' => 'December 1752'], 'is not one day'];
        yield 'an order of its own' => [['order' => 'ydm'], 'dmy or mdy'];
        yield 'a third half' => [['hemisphere' => 'east'], 'north or south'];
    }

    /** @param  array<string, string>  $said */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_in_words(array $said, string $expected): void
    {
        $this->expectException(DatingProblem::class);
        $this->expectExceptionMessage($expected);
        DatingSetting::of($said);
    }
}
