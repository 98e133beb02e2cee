<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\Decoder;
use NorthBough\Core\Gedcom\In\Lexer;
use NorthBough\Core\Gedcom\In\Structures;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LinesTest extends TestCase
{
    /** Whatever a payload holds, it is read back as it was written, in either version. */
    #[DataProvider('versions')]
    public function test_every_payload_comes_back(Version $version): void
    {
        mt_srand(1841);
        $letters = ['a', 'Z', ' ', '  ', "\n", '@', '@@', 'é', 'ю', '漢', '/', '0 HEAD', '1 NAME', '#', "\t", 'word '];
        for ($round = 0; $round < 800; $round++) {
            $payload = '';
            for ($part = mt_rand(0, 120); $part > 0; $part--) {
                $payload .= $letters[mt_rand(0, count($letters) - 1)];
            }
            // Spaces at the end of a line mean nothing in the standard.
            $payload = (string) preg_replace('/[ \t]+$/m', '', $payload);
            if (Structure::pointsAt($payload) || str_contains($payload, '@#')) {
                continue;
            }
            $record = (new Structure('INDI', '', '@I1@'))->add((new Structure('NOTE', $payload))->add(new Structure('_X', 'after')));
            $read = self::read($record, $version);

            self::assertSame($payload, $read->text('NOTE'), "round {$round}");
            self::assertSame('after', $read->text('NOTE', '_X'));
        }
    }

    /** @return iterable<string, array{Version}> */
    public static function versions(): iterable
    {
        yield '7' => [Version::V7];
        yield '5.5.1' => [Version::V551];
    }

    public function test_lines_of_5_5_1_keep_to_their_length(): void
    {
        $text = LineWriter::write(new Structure('NOTE', str_repeat('words and more ', 100).'end'), Version::V551, 1);
        foreach (explode("\n", $text) as $line) {
            self::assertLessThanOrEqual(255, strlen($line));
            self::assertStringEndsNotWith(' ', $line);
        }
        self::assertStringContainsString("\n2 CONC ", $text);
    }

    public function test_version_7_never_cuts_a_line(): void
    {
        self::assertSame(1, substr_count(LineWriter::write(new Structure('NOTE', str_repeat('long ', 200).'end'), Version::V7, 1), "\n"));
    }

    public function test_a_pointer_stays_a_pointer_and_text_like_one_stays_text(): void
    {
        $record = (new Structure('INDI'))->add(Structure::pointing('FAMC', '@F1@'))->add(new Structure('NOTE', '@F1@'));
        $read = self::read($record, Version::V7);

        self::assertTrue($read->first('FAMC')?->isPointer);
        self::assertFalse($read->first('NOTE')?->isPointer);
        self::assertSame('@F1@', $read->text('NOTE'));
    }

    public function test_calendar_escapes_are_not_doubled(): void
    {
        self::assertSame("2 DATE @#DJULIAN@ 10 FEB 1731/32\n",
            LineWriter::write(new Structure('DATE', '@#DJULIAN@ 10 FEB 1731/32'), Version::V551, 2));
    }

    public function test_a_level_that_jumps_is_drawn_up_and_remarked_on(): void
    {
        $remarks = [];
        $remark = static function (Remark $remark) use (&$remarks): void {
            $remarks[] = $remark;
        };
        $lines = [1 => '0 HEAD', 2 => '0 @I1@ INDI', 3 => '1 BIRT', 4 => '4 DATE 1850'];
        $records = iterator_to_array(Structures::build(Lexer::lex($lines, $remark), $remark), false);

        self::assertSame('1850', $records[1]->text('BIRT', 'DATE'));
        self::assertSame([4], array_column($remarks, 'line'));
    }

    public function test_lines_are_the_same_however_the_bytes_come(): void
    {
        $file = "0 HEAD\r\n1 NOTE Oönagh\r2 CONT two\n0 TRLR";
        $whole = iterator_to_array(Decoder::lines([$file]));
        foreach ([1, 2, 3, 5, 7] as $size) {
            self::assertSame($whole, iterator_to_array(Decoder::lines(str_split($file, $size))), "pieces of {$size}");
        }
        self::assertSame([1 => '0 HEAD', '1 NOTE Oönagh', '2 CONT two', '0 TRLR'], $whole);
    }

    public function test_versions_by_their_words(): void
    {
        self::assertSame([Version::V7, Version::V7, Version::V551, Version::V551],
            array_map(Version::named(...), ['7.0', '7.0.14', '5.5', '5.5.1']));
        $this->expectException(NotReadable::class);
        Version::named('6');
    }

    public function test_pointers_are_kept_where_they_are_free(): void
    {
        $pointers = new Pointers;
        $pointers->prefer('a', '@I1@');
        $pointers->prefer('b', '@I1@');
        $pointers->ensure('b', 'I', 1);
        $pointers->ensure('a', 'I', 9);

        self::assertSame(['@I1@', '@I2@', '@VOID@'], [$pointers->of('a'), $pointers->of('b'), $pointers->of('nobody')]);
    }

    private static function read(Structure $record, Version $version): Structure
    {
        $ignore = static function (): void {
        };
        $file = "0 HEAD\n1 GEDC\n2 VERS {$version->headWords()}\n".LineWriter::write($record, $version);
        $records = iterator_to_array(Structures::build(Lexer::lex(Decoder::lines([$file]), $ignore), $ignore), false);

        return $records[1];
    }
}
