<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Lines\AncestorList;
use NorthBough\Core\Report\Lines\DabovilleOutline;
use NorthBough\Core\Report\Lines\ModifiedRegister;
use NorthBough\Core\Report\Lines\Numerals;
use NorthBough\Core\Report\Lines\Register;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Render\Csv;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\TestCase;

/** Odd by two wives: a son with a daughter, a son without children, and a daughter of whose birth nothing is known. */
final class RegisterStyleTest extends TestCase
{
    public function test_register_style_numbers_who_is_carried_on_and_nobody_else(): void
    {
        self::assertSame([
            'Generation 1',
            '1. Odd Tarrel was born in 1700.',
            'Odd married first Nan Osk in 1724.',
            'Odd married secondly Ros Drum in 1735.',
            'Children of Odd Tarrel and Nan Osk:',
            '2 i.? Gavin Tarrel, born in 1725.',
            'ii.? Ninian Tarrel, born in 1727; died in 1790.',
            'Child of Odd Tarrel and Ros Drum:',
            'iii.? Isobel Tarrel.',
            'Generation 2',
            '2.? Gavin Tarrel (Odd1) was born in 1725, the son of Odd Tarrel and Nan Osk.',
            'Children of Gavin Tarrel:',
            'i. Ailie Tarrel, born in 1750.',
            'ii. Hugh Tarrel, born in 1752.',
        ], self::lines(self::built(new Register)));
    }

    public function test_modified_register_numbers_every_child_and_marks_who_is_carried_on(): void
    {
        $marks = array_values(array_filter(array_map(static fn ($block): string => $block instanceof Entry ? $block->mark : '',
            self::built(new ModifiedRegister)->blocks)));

        self::assertSame(['1.', '+ 2 i.?', '3 ii.?', '4 iii.?', '2.?', '5 i.', '6 ii.'], $marks);
    }

    public function test_numerals_begin_anew_at_a_second_marriage_where_that_is_chosen(): void
    {
        self::assertContains('i.? Isobel Tarrel.', self::lines(self::built(new Register(numerals: Numerals::Anew))));
    }

    public function test_a_line_of_both_of_a_couple_tells_their_children_alone(): void
    {
        $lines = self::lines((new Register)->build(new TestMaterial(self::isles()->tree()), Subject::line(['odd', 'ros']), 'today'));

        self::assertContains('Child of Odd Tarrel and Ros Drum:', $lines);
        self::assertNotContains('Children of Odd Tarrel and Nan Osk:', $lines);
        $this->expectException(SubjectMissing::class);
        (new Register)->build(new TestMaterial(self::isles()->tree()), Subject::line(['odd', 'hugh']), 'today');
    }

    public function test_rows_for_a_spreadsheet_begin_with_number_pointer_name_birth_and_death(): void
    {
        $sheets = self::built(new Register)->sheets();

        self::assertSame("number,ref,name,born,died,generation,parent,told at,provisional\r\n1,@I1@,Odd Tarrel,1700,,1,,,\r\n"
            ."2,@I2@,Gavin Tarrel,1725,,2,1,,yes\r\n,,Ninian Tarrel,1727,1790,2,1,,yes\r\n,,Isobel Tarrel,,,2,1,,yes\r\n"
            .",,Ailie Tarrel,1750,,3,2,,\r\n,,Hugh Tarrel,1752,,3,2,,\r\n",
            Csv::render($sheets, ['odd' => '@I1@', 'gavin' => '@I2@']));
    }

    public function test_what_is_counted_is_printed_with_the_numbers(): void
    {
        $words = array_map(static fn ($block): string => StyledWords::textOf(Document::wordsOf($block)), self::built(new DabovilleOutline)
            ->blocks);

        self::assertStringContainsString(
            'with adopted children, without stepchildren, with children who are not proved. Numbered on today.',
            implode(' ', $words));
        self::assertStringContainsString('A number with ? is provisional', implode(' ', $words));
    }

    public function test_somebody_who_descends_twice_is_pointed_to(): void
    {
        $tree = (new Isles)->person('odd', 'Odd Tarrel')->person('a', 'Ailie Tarrel b 1750')->person('b', 'Bran Tarrel b 1752')
            ->person('w', 'Wilf Tarrel b 1775')->union('o', ['odd'], ['a', 'b'])->union('w', ['b', 'a'], ['w'])->tree();
        $lines = self::lines((new DabovilleOutline)->build(new TestMaterial($tree), Subject::line(['odd']), 'today'));

        self::assertContains('1.1.1 Wilf Tarrel, born in 1775.', $lines);
        self::assertContains('1.2.1 Wilf Tarrel: told at 1.1.1.', $lines);
    }

    public function test_ancestors_by_number(): void
    {
        $tree = (new Isles)->person('w', 'Wilf Tarrel h b 1775')->person('p', 'Bran Tarrel h')->person('m', 'Ailie Osk w d 1800')
            ->union('u', ['p', 'm'], ['w'])->tree();
        $document = (new AncestorList(lives: false))->build(new TestMaterial($tree), Subject::person('w'), 'today');

        self::assertSame(['Generation 1', '1. Wilf Tarrel, born in 1775.', 'Generation 2', '2. Bran Tarrel, partner of Ailie Osk.',
            '3. Ailie Osk, partner of Bran Tarrel; died in 1800.'], self::lines($document));
    }

    private static function built(Report $report): Document
    {
        return $report->build(new TestMaterial(self::isles()->tree()), Subject::line(['odd']), 'today');
    }

    /** @return list<string> headings of generations and entries, with their marks */
    private static function lines(Document $document): array
    {
        $lines = [];
        foreach ($document->blocks as $block) {
            if ($block instanceof Entry) {
                $lines[] = trim("{$block->mark} ".StyledWords::textOf($block->words));
            } elseif ($block instanceof Heading && str_starts_with(StyledWords::textOf($block->words), 'Generation')) {
                $lines[] = StyledWords::textOf($block->words);
            }
        }

        return $lines;
    }

    private static function isles(): Isles
    {
        return (new Isles)->person('odd', 'Odd Tarrel h b 1700')->person('nan', 'Nan Osk w')->person('ros', 'Ros Drum w')
            ->person('gavin', 'Gavin Tarrel h b 1725')->person('ninian', 'Ninian Tarrel h b 1727 d 1790')->person('isobel',
                'Isobel Tarrel w')
            ->person('ailie', 'Ailie Tarrel w b 1750')->person('hugh', 'Hugh Tarrel h b 1752')
            ->union('one', ['odd', 'nan'], ['gavin', 'ninian'], '1724')->union('two', ['odd', 'ros'], ['isobel'], '1735')
            ->union('g', ['gavin'], ['ailie', 'hugh']);
    }
}
