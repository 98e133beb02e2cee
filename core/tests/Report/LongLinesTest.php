<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Lines\DabovilleOutline;
use NorthBough\Core\Report\Lines\Register;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Of a long line a page shows the beginning: the same parts with the same numbers, and everybody whom the rest would name. */
final class LongLinesTest extends TestCase
{
    #[TestWith([Register::class])]
    #[TestWith([DabovilleOutline::class])]
    public function test_the_beginning_is_that_of_the_whole(string $class): void
    {
        /** @var Report $report */
        $report = new $class;
        $whole = self::built($report, PHP_INT_MAX);
        self::assertSame(0, $whole->left);
        foreach ([1, 3, 5, 8, 12] as $most) {
            $beginning = self::built($report, $most);
            $words = array_map(self::words(...), $beginning->blocks);
            self::assertSame(array_slice(array_map(self::words(...), $whole->blocks), 0, count($words)), $words, "{$class} {$most}");
            self::assertSame(max(0, 9 - $most), $beginning->left);
            self::assertSame([], array_diff($whole->personIds(), $beginning->personIds()));
        }
    }

    private static function built(Report $report, int $most): Document
    {
        $tree = (new Isles)->person('odd', 'Odd Tarrel b 1700')->person('wife', 'Nan Osk')->person('gavin', 'Gavin Tarrel b 1725')
            ->person('mab', 'Mab Tarrel b 1730')->person('ros', 'Ros Drum')->person('ailie', 'Ailie Tarrel b 1750')
            ->person('hugh', 'Hugh Tarrel b 1752')->person('tam', 'Tam Averay b 1751')->person('wilf', 'Wilf Averay b 1775')
            ->person('una', 'Una Averay b 1777')->person('col', 'Col Averay b 1800')
            ->union('one', ['odd', 'wife'], ['gavin', 'mab'], '1724')->union('g', ['gavin', 'ros'], ['ailie', 'hugh'])
            ->union('m', ['mab'], ['tam'])->union('t', ['tam'], ['wilf', 'una'])->union('w', ['wilf'], ['col'])->tree();

        return $report->build(new TestMaterial($tree, most: $most), Subject::line(['odd']), 'today');
    }

    private static function words(Block $block): string
    {
        return json_encode($block, JSON_THROW_ON_ERROR);
    }
}
