<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom\Grammar;

/** Files drawn by lot from the tables of a version: every line is one that may stand there, and says what it may. */
final class Drawn
{
    private const RECORDS = ['@I1@' => 'INDI', '@I2@' => 'INDI', '@F1@' => 'FAM', '@S1@' => 'SOUR', '@R1@' => 'REPO', '@O1@' => 'OBJE',
        '@N1@' => 'NOTE', '@U1@' => 'SUBM'];

    private const WORDS = ['keeper', 'as it stands', 'Tolsay', '77', 'Shore Street', "two\nlines", 'ends with a mark @ within'];

    private function __construct(private readonly Grammar $grammar, private readonly bool $isSeven)
    {
    }

    public static function file(Grammar $grammar, int $seed): string
    {
        mt_srand($seed);
        $drawn = new self($grammar, $grammar instanceof Seven);
        $lines = $drawn->isSeven ? "0 HEAD\n1 GEDC\n2 VERS 7.0\n"
            : "0 HEAD\n1 SOUR OTHER\n1 SUBM @U1@\n1 GEDC\n2 VERS 5.5.1\n2 FORM LINEAGE-LINKED\n1 CHAR UTF-8\n";
        foreach (self::RECORDS as $pointer => $tag) {
            $tag = $drawn->isSeven && $tag === 'NOTE' ? 'SNOTE' : $tag;
            $kind = $grammar->records()[$tag];
            $lines .= self::line(0, "{$pointer} {$tag}", str_contains($tag, 'NOTE') ? 'Of the family' : '').$drawn->beneath($kind, 1, $tag);
        }

        return "{$lines}0 TRLR\n";
    }

    private function beneath(string $kind, int $level, string $above): string
    {
        $lines = '';
        foreach (preg_split('/ /', $this->grammar->lines($kind), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $told) {
            [$tag, $as] = [...explode(':', rtrim($told, '!?+')), null];
            $many = strpbrk($told, '!?+') ?: '';
            // What both sides tell is the business of tests of their own.
            $isTie = in_array("{$above} {$tag}", ['INDI FAMC', 'INDI FAMS', 'FAM HUSB', 'FAM WIFE', 'FAM CHIL'], true);
            $isRare = mt_rand(0, 99) >= ($level === 1 ? 30 : ($level > 4 ? 6 : 18));
            if ($isTie || ($many !== '!' && $many !== '+' && $isRare)) {
                continue;
            }
            $said = $this->said((string) $tag, $as ?? (string) $tag, $above);
            $lines .= $said === null ? ''
                : self::line($level, (string) $tag, $said).$this->beneath($as ?? (string) $tag, $level + 1, (string) $tag);
        }

        return $lines;
    }

    /** Something that a line of that kind may say; null where it is left out here. */
    private function said(string $tag, string $kind, string $above): ?string
    {
        $form = $this->grammar->payload($kind);
        $able = match (true) {
            in_array($tag, ['SUBM', 'ANCI', 'DESI'], true) => ['@U1@'],
            in_array($tag, ['ALIA', 'ASSO'], true) => ['@I2@'],
            in_array($tag, ['FAMC', 'FAMS'], true) => ['@F1@'],
            $tag === 'REPO' => ['@R1@'], $tag === 'SNOTE' => ['@N1@'],
            $tag === 'OBJE' => ['@O1@'],
            $tag === 'SOUR' => ['@S1@'],
            $tag === 'FILE' => ['media/ann.jpg'],
            $tag === 'LANG' => ['en', 'fo', 'English', 'Faroese'],
            $tag === 'EVEN' && $above === 'DATA' => ['BIRT', 'BIRT, MARR'],
            $tag === 'NAME' && $above === 'INDI' => ['Ann /Osk/', 'Moll', 'Jan /van den Osk/'],
            in_array($tag, ['GIVN', 'NICK', 'SURN', 'NPFX', 'NSFX', 'SPFX'], true) => ['Ann'],
            $kind === 'words' => [self::WORDS[mt_rand(0, 4)]],
            in_array($tag, ['NOTE', 'TEXT', 'TRAN', 'FONE', 'ROMN'], true) => self::WORDS,
            default => ['', 'Y', '3', 'M', 'CONFIDENTIAL', 'confidential', 'LOCKED', 'locked', 'AKA', 'birth', 'MARRIED', 'ADOPTED',
                'foster', 'PROVEN', 'proven', 'PHOTO', 'film', 'CHIL', 'WITN', 'OTHER', '2', 'HUSB', 'BOTH', 'BIC', 'BIRT', 'MARR',
                '> 20y 3m', '7d',
                'en', 'English', 'text/plain', 'image/jpeg', 'jpg', 'N59.1', 'W3.25', '10:11:12', '3 MAY 1902', 'FROM 1900 TO 1903',
                'ABT 1850', 'BET 1 JAN 1850 AND 1851', 'AFT 1 MAY 1850', 'BEF MAR 1784', 'FROM 1850', ...self::WORDS],
        };
        $able = array_values(array_filter($able, static fn (string $words): bool => preg_match($form, $words) === 1));

        return $able === [] ? null : $able[mt_rand(0, count($able) - 1)];
    }

    private static function line(int $level, string $start, string $words): string
    {
        $parts = explode("\n", $words);
        $text = rtrim("{$level} {$start} ".str_replace('ends with a mark @ within', 'ends with a mark within', $parts[0]))."\n";
        foreach (array_slice($parts, 1) as $more) {
            $text .= ($level + 1)." CONT {$more}\n";
        }

        return $text;
    }
}
