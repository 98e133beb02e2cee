<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\Decoder;
use NorthBough\Core\Gedcom\In\Encoding\Ansel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Letters by the table of ANSI/NISO Z39.47. */
final class AnselTest extends TestCase
{
    #[DataProvider('letters')]
    public function test_decodes(string $bytes, string $text): void
    {
        self::assertSame($text, Ansel::decode($bytes));
    }

    /** @return iterable<array{string, string}> */
    public static function letters(): iterable
    {
        yield 'plain' => ['Kirkhaven', 'Kirkhaven'];
        yield 'acute before its letter' => ["Jos\xE2e", 'José'];
        yield 'diaeresis' => ["M\xE8uller", 'Müller'];
        yield 'ring' => ["\xEAAse", 'Åse'];
        yield 'cedilla' => ["Fran\xF0cois", 'François'];
        yield 'caron' => ["Dvo\xE9r\xE2ak", 'Dvořák'];
        yield 'letters of their own' => ["\xA2rsted \xB2re \xA5\xB5 \xA1\xB1 \xA4\xB4 \xCF", 'Ørsted øre Ææ Łł Þþ ß'];
        yield 'two marks on one letter' => ["\xE3\xE2a", 'ấ'];
        yield 'signs' => ["\xB9 5 \xC3 \xC0", '£ 5 © °'];
        yield 'what ANSEL has no letter for' => ["\xFF", "\u{FFFD}"];
    }

    public function test_a_sixteen_bit_letter_of_four_bytes_is_not_cut_between_pieces(): void
    {
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"] as $encoding => $mark) {
            $bytes = $mark.mb_convert_encoding("0 HEAD\n1 NOTE 𐐷𐐷𐐷 end\n", $encoding, 'UTF-8');
            $padded = $bytes.mb_convert_encoding(str_repeat("1 NOTE 𐐷 more\n", 2000), $encoding, 'UTF-8');
            foreach ([16385, 16387, 5] as $size) {
                $lines = iterator_to_array(Decoder::lines(str_split($padded, $size)));
                self::assertSame('1 NOTE 𐐷𐐷𐐷 end', $lines[2]);
                self::assertSame(['1 NOTE 𐐷 more'], array_values(array_unique(array_slice($lines, 2, 2000))));
            }
        }
    }
}
