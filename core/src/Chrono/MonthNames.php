<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** Month words as people type them. Another language is another list here. */
final class MonthNames
{
    private const FULL = [1 => 'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    private const SPECIAL = ['sept' => 9, '7ber' => 9, '8ber' => 10, '9ber' => 11, '10ber' => 12, 'xber' => 12];

    /** @return int<0, 12> 0 when the word names no month */
    public static function number(string $word): int
    {
        $word = mb_strtolower(rtrim($word, '.'));
        if (isset(self::SPECIAL[$word])) {
            return self::SPECIAL[$word];
        }
        foreach (self::FULL as $number => $name) {
            $name = strtolower($name);
            if ($word === $name || (strlen($word) === 3 && str_starts_with($name, $word))) {
                return $number;
            }
        }

        return 0;
    }

    public static function full(int $month): string
    {
        return self::FULL[$month];
    }
}
