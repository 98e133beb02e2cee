<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

/** Roman numerals in small letters. */
final class Roman
{
    private const SIGNS = ['m' => 1000, 'cm' => 900, 'd' => 500, 'cd' => 400, 'c' => 100, 'xc' => 90, 'l' => 50, 'xl' => 40, 'x' => 10,
        'ix' => 9, 'v' => 5, 'iv' => 4, 'i' => 1];

    /** @param  int  $number  from 1 */
    public static function of(int $number): string
    {
        $roman = '';
        foreach (self::SIGNS as $sign => $worth) {
            $roman .= str_repeat($sign, intdiv($number, $worth));
            $number %= $worth;
        }

        return $roman;
    }
}
