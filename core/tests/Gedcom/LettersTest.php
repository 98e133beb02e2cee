<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\Encoding\EncodingCheck;
use NorthBough\Core\Gedcom\In\ImportOptions;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Row\NameRow;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Files whose head says one encoding and whose bytes are in another: it is noticed, and what fits stands first. */
final class LettersTest extends TestCase
{
    private const NAMES = ['Jörg /Müller/', 'André /Lefèvre/', 'Åse /Sörland/', 'Zoë /Straße/', 'Renée /Façonneur/'];

    /**
     * @return iterable<string, array{string, string, string, bool}> what the head says, how the bytes are, what stands
     *     first, whether somebody must choose
     */
    public static function files(): iterable
    {
        yield 'as it says, Windows' => ['ANSI', 'CP1252', 'CP1252', false];
        yield 'as it says, ANSEL' => ['ANSEL', 'ANSEL', 'ANSEL', false];
        yield 'as it says, Macintosh' => ['MACINTOSH', 'MACINTOSH', 'MACINTOSH', false];
        yield 'as it says, DOS' => ['IBMPC', 'CP437', 'CP437', false];
        yield 'says UTF-8, is Windows' => ['UTF-8', 'CP1252', 'CP1252', true];
        yield 'says nothing, is Windows' => ['', 'CP1252', 'CP1252', true];
        yield 'says ANSEL, is Windows' => ['ANSEL', 'CP1252', 'CP1252', true];
        yield 'says Windows, is Macintosh' => ['ANSI', 'MACINTOSH', 'MACINTOSH', true];
        yield 'says Windows, is DOS' => ['ANSI', 'CP850', 'CP850', true];
        yield 'says what nobody knows, is Windows' => ['BESTCODE', 'CP1252', 'CP1252', true];
        yield 'says Windows, is UTF-8' => ['ANSI', 'UTF-8', '', false];
    }

    #[DataProvider('files')]
    public function test_bytes_that_are_not_what_the_head_says_are_noticed(string $says, string $is, string $first, bool $isOpen): void
    {
        $doubt = EncodingCheck::about(str_split(self::file($says, $is), 100));
        self::assertSame($isOpen, $doubt->isOpen());
        $readings = $doubt->readings();
        self::assertSame($first, $readings[0]['name'] ?? '');
        if ($first !== '') {
            self::assertSame(0, $readings[0]['odd']);
            self::assertSame('1 NAME Jörg /Müller/', $readings[0]['lines'][0]);
            // Read as somebody chose, it is right whatever the head says.
            $names = array_map(static fn (NameRow $row): string => $row->name->withSlashes(),
                MemoryTree::reading(self::file($says, $is), choice: new ImportOptions($first))->all(NameRow::class));
            self::assertSame(self::NAMES, $names);
        }
    }

    public function test_a_wide_file_is_what_it_is_whatever_is_chosen(): void
    {
        $wide = "\xFF\xFE".mb_convert_encoding(self::file('UNICODE', 'UTF-8'), 'UTF-16LE', 'UTF-8');
        self::assertFalse(EncodingCheck::about([$wide])->isOpen());
        self::assertSame('Jörg', MemoryTree::reading($wide, choice: new ImportOptions('ANSEL'))->all(NameRow::class)[0]->name->given);
    }

    public function test_an_encoding_that_is_not_read_is_refused_in_words(): void
    {
        $this->expectException(NotReadable::class);
        $this->expectExceptionMessage('Letters in “KLINGON” are not read here. What is read: UTF-8, CP1252,');
        MemoryTree::reading(self::file('ANSI', 'CP1252'), choice: new ImportOptions('KLINGON'));
    }

    private static function file(string $says, string $is): string
    {
        $text = "0 HEAD\n1 GEDC\n2 VERS 5.5.1\n".($says === '' ? '' : "1 CHAR {$says}\n");
        foreach (self::NAMES as $number => $name) {
            $text .= "0 @I{$number}@ INDI\n1 NAME {$name}\n";
        }

        return match ($is) {
            'UTF-8' => "{$text}0 TRLR\n",
            'ANSEL' => strtr("{$text}0 TRLR\n",
                ['ö' => "\xE8o", 'ü' => "\xE8u", 'é' => "\xE2e", 'è' => "\xE1e", 'Å' => "\xEAA", 'ë' => "\xE8e", 'ß' => "\xCF",
                    'ç' => "\xF0c"]),
            default => (string) iconv('UTF-8', "{$is}", "{$text}0 TRLR\n"),
        };
    }
}
