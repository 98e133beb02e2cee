<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** Month words as people type them. Another language is another list here. */
final class MonthNames
{
    private const FULL = [1 => 'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November',
        'December'];

    /** September to December as the seventh to the tenth month, as old books write them. */
    private const NUMBERED = [
        '7ber' => 9, '8ber' => 10, '9ber' => 11, '10ber' => 12, '7bris' => 9, '8bris' => 10, '9bris' => 11, '10bris' => 12,
        'viiber' => 9, 'viiiber' => 10, 'ixber' => 11, 'xber' => 12, 'viibris' => 9, 'viiibris' => 10, 'ixbris' => 11, 'xbris' => 12,
    ];

    /** The months of other languages in which registers of the period are written; another language is another line. */
    private const OTHER = [
        'Latin' => ['januarius', 'februarius', 'martius', 'aprilis', 'maius', 'junius', 'julius', 'augustus', 'september', 'october',
            'november', 'december'],
        'Latin, of the month' => ['januarii', 'februarii', 'martii', 'aprilis', 'maii', 'junii', 'julii', 'augusti', 'septembris',
            'octobris', 'novembris',
            'decembris'],
        'German' => ['januar', 'februar', 'märz', 'april', 'mai', 'juni', 'juli', 'august', 'september', 'oktober', 'november', 'dezember'],
        'Dutch' => ['januari', 'februari', 'maart', 'april', 'mei', 'juni', 'juli', 'augustus', 'september', 'oktober', 'november',
            'december'],
        'Danish and Norwegian' => ['januar', 'februar', 'marts', 'april', 'maj', 'juni', 'juli', 'august', 'september', 'oktober',
            'november', 'desember'],
        'Swedish' => ['januari', 'februari', 'mars', 'april', 'maj', 'juni', 'juli', 'augusti', 'september', 'oktober', 'november',
            'december'],
        'French' => ['janvier', 'février', 'mars', 'avril', 'mai', 'juin', 'juillet', 'août', 'septembre', 'octobre', 'novembre',
            'décembre'],
        'Spanish' => ['enero', 'febrero', 'marzo', 'abril', 'mayo', 'junio', 'julio', 'agosto', 'septiembre', 'octubre', 'noviembre',
            'diciembre'],
        'Italian' => ['gennaio', 'febbraio', 'marzo', 'aprile', 'maggio', 'giugno', 'luglio', 'agosto', 'settembre', 'ottobre', 'novembre',
            'dicembre'],
        'Portuguese' => ['janeiro', 'fevereiro', 'março', 'abril', 'maio', 'junho', 'julho', 'agosto', 'setembro', 'outubro', 'novembro',
            'dezembro'],
    ];

    private const SHORT = ['sept' => 9, 'jänner' => 1, 'okt' => 10, 'dez' => 12, 'des' => 12, 'mär' => 3, 'mrt' => 3, 'févr' => 2,
        'déc' => 12, 'janv' => 1, 'juil' => 7];

    /** @var array<string, int<1, 12>>|null */
    private static ?array $numbers = null;

    /** @return int<0, 12> 0 when the word names no month */
    public static function number(string $word): int
    {
        return self::numbers()[mb_strtolower(rtrim($word, '.'))] ?? 0;
    }

    /** @return array<string, int<1, 12>> */
    private static function numbers(): array
    {
        if (self::$numbers !== null) {
            return self::$numbers;
        }
        $numbers = [...self::NUMBERED, ...self::SHORT];
        foreach (self::OTHER as $names) {
            foreach ($names as $place => $name) {
                $numbers[$name] ??= $place + 1;
            }
        }
        foreach (self::FULL as $number => $name) {
            $numbers[strtolower($name)] = $number;
            $numbers[strtolower(substr($name, 0, 3))] = $number;
            if (strlen($name) > 4) {
                $numbers[strtolower(substr($name, 0, 4))] = $number;
            }
        }

        return self::$numbers = $numbers;
    }

    public static function full(int $month): string
    {
        return self::FULL[$month];
    }
}
