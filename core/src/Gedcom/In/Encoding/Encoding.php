<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In\Encoding;

use NorthBough\Core\Gedcom\NotReadable;

/**
 * How the bytes of a file become text. Programs say one thing and write another, so a line that is UTF-8 is read as
 * UTF-8 whatever the head says; every other line by what the head says.
 */
final readonly class Encoding
{
    /**
     * What heads say, in capitals and without blanks and dashes, and the encoding that it means. "ANSI" is what the
     * Windows of the time wrote, "Latin 1" what the same programs called it.
     */
    private const NAMES = [
        'ANSEL' => 'ANSEL', 'UTF8' => 'UTF-8', 'UNICODE' => 'UTF-8', 'UNICODEUTF8' => 'UTF-8', 'ASCII' => 'UTF-8', 'USASCII' => 'UTF-8',
        'ANSI' => 'CP1252', 'WINDOWS' => 'CP1252', 'IBMWINDOWS' => 'CP1252', 'WINDOWS1252' => 'CP1252', 'WIN1252' => 'CP1252',
        'CP1252' => 'CP1252',
        'ISO88591' => 'CP1252', 'LATIN1' => 'CP1252', 'ISOLATIN1' => 'CP1252', 'ISO885915' => 'ISO-8859-15', 'LATIN9' => 'ISO-8859-15',
        'ISO88592' => 'ISO-8859-2', 'LATIN2' => 'ISO-8859-2', 'WINDOWS1250' => 'CP1250', 'CP1250' => 'CP1250', 'WINDOWS1251' => 'CP1251',
        'CP1251' => 'CP1251',
        'IBMPC' => 'CP437', 'IBM' => 'CP437', 'CP437' => 'CP437', 'IBMDOS' => 'CP850', 'MSDOS' => 'CP850', 'DOS' => 'CP850',
        'OEM' => 'CP850', 'CP850' => 'CP850',
        'MACINTOSH' => 'MACINTOSH', 'MAC' => 'MACINTOSH', 'MACROMAN' => 'MACINTOSH', 'MACOSROMAN' => 'MACINTOSH',
    ];

    private function __construct(private string $name)
    {
    }

    /** @return non-empty-list<string> the encodings that are read, the commonest first */
    public static function names(): array
    {
        return ['UTF-8', 'CP1252', 'ANSEL', 'MACINTOSH', 'CP850', 'CP437', 'ISO-8859-2', 'CP1250', 'CP1251', 'ISO-8859-15'];
    }

    /** @throws NotReadable when it is none of Encoding::names() */
    public static function named(string $name): self
    {
        return in_array($name, self::names(), true) ? new self($name) : throw NotReadable::noSuchEncoding($name);
    }

    /** Whether a letter has two bytes, which no choice changes. */
    public static function isWide(string $start): bool
    {
        return self::wide($start) !== '';
    }

    private static function wide(string $start): string
    {
        return match (true) {
            str_starts_with($start, "\xFF\xFE"), str_starts_with($start, "0\0") => 'UTF-16LE',
            str_starts_with($start, "\xFE\xFF"), str_starts_with($start, "\0".'0') => 'UTF-16BE',
            default => '',
        };
    }

    /**
     * @param  string  $start  the file's first bytes, the head among them
     * @param  string  $as  the encoding that somebody chose, of Encoding::names(); empty for what the head says
     *
     * @throws NotReadable when the head names an encoding that is not read, and the bytes need one
     */
    public static function of(string $start, string $as = ''): self
    {
        if (self::isWide($start)) {
            return new self(self::wide($start));
        }
        if ($as !== '') {
            return self::named($as);
        }
        $head = str_replace("\r", "\n", substr($start, 0, 1 << 14));
        if (str_starts_with($start, "\xEF\xBB\xBF") || preg_match('/^\s*1[ \t]+CHAR[ \t]+(.+?)\s*$/mi', $head, $m) !== 1) {
            return new self('UTF-8');
        }

        $named = self::NAMES[(string) preg_replace('/[^A-Z0-9]/', '', strtoupper($m[1]))] ?? null;

        return new self($named ?? (mb_check_encoding(self::wholeLines($start), 'UTF-8') ? 'UTF-8' : throw NotReadable::encoding($m[1])));
    }

    /** The last line may be cut within a letter. */
    private static function wholeLines(string $start): string
    {
        $end = strrpos(str_replace("\r", "\n", $start), "\n");

        return $end === false ? $start : substr($start, 0, $end);
    }

    /** UTF-8, ANSEL, CP1252 …: by which the bytes are read. */
    public function name(): string
    {
        return $this->name;
    }

    public function isSixteenBit(): bool
    {
        return str_starts_with($this->name, 'UTF-16');
    }

    /** How many bytes at the beginning are whole letters: a letter of four bytes is never cut between its halves. */
    public function wholeLetters(string $bytes): int
    {
        $whole = strlen($bytes) - strlen($bytes) % 2;
        $leading = $whole < 2 ? 0 : ord($bytes[$this->name === 'UTF-16BE' ? $whole - 2 : $whole - 1]);

        return $leading >= 0xD8 && $leading <= 0xDB ? $whole - 2 : $whole;
    }

    /** @param  string  $bytes whole letters of a sixteen-bit file */
    public function widened(string $bytes): string
    {
        return (string) mb_convert_encoding($bytes, 'UTF-8', $this->name);
    }

    /** A line of a file whose letters are bytes. One that is neither is given back as it stands, for the lexer to remark on. */
    public function line(string $bytes): string
    {
        if ($this->name === 'UTF-8' || mb_check_encoding($bytes, 'UTF-8')) {
            return $bytes;
        }
        if ($this->name === 'ANSEL') {
            return Ansel::decode($bytes);
        }
        $text = @iconv($this->name, 'UTF-8', $bytes);

        return $text === false ? $bytes : $text;
    }
}
