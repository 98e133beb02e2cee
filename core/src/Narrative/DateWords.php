<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateStyle;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Precision;

/** A date as a sentence has it: on 14 June 1891, in the spring of 1891, between 1850 and 1855, “about harvest”. */
final class DateWords
{
    /** @return string with the preposition before it; empty for no date */
    public static function of(GenDate $date): string
    {
        if ($date->isEmpty()) {
            return '';
        }
        $shown = $date->styled(DateStyle::Long)->shown;

        return match ($date->kind) {
            DateKind::Exact => self::placed($shown, $date->precision),
            DateKind::About, DateKind::Between => self::loose($shown),
            DateKind::Before => self::edge($shown, 'by ', 'before', $date->precision),
            DateKind::After => self::edge($shown, 'since ', 'after', $date->precision),
            DateKind::Estimated => 'about '.self::without('estimated ', $shown).' (estimated)',
            DateKind::Calculated => self::placed(self::without('calculated ', $shown), $date->precision).' (calculated)',
            DateKind::Period => preg_match('/^to (.+)$/u', $shown, $to) === 1 ? "until {$to[1]}" : $shown,
            DateKind::Phrase => '“'.trim($shown, '“”"').'”',
        };
    }

    private static function placed(string $shown, Precision $precision): string
    {
        return ($precision === Precision::Day ? 'on ' : 'in ').$shown;
    }

    /** What names a stretch of days by its own word. */
    private static function loose(string $shown): string
    {
        $ordinals = ['1' => 'first', '2' => 'second', '3' => 'third', '4' => 'fourth'];

        return match (true) {
            preg_match('/^(?:about|between) /u', $shown) === 1 => $shown,
            preg_match('/^quarter ([1-4]) of (.+)$/u', $shown,
                $quarter) === 1 => "in the {$ordinals[$quarter[1]]} quarter of {$quarter[2]}",
            preg_match('/^(spring|summer|autumn|winter) (.+)$/u', $shown, $season) === 1 => "in the {$season[1]} of "
                .self::without(', over New Year', $season[2]),
            preg_match('/^(?:early |mid |middle |late )?\d+s\b/u', $shown) === 1 => "in the {$shown}",
            default => "in {$shown}",
        };
    }

    /** "By 1850" names 1850 as well, "before 1850" does not. */
    private static function edge(string $shown, string $including, string $word, Precision $precision): string
    {
        if (! str_starts_with($shown, $including)) {
            return $shown;
        }
        $preposition = $precision === Precision::Day ? 'on' : 'in';

        return "{$preposition} or {$word} ".self::without($including, $shown);
    }

    private static function without(string $words, string $shown): string
    {
        return trim(str_replace($words, '', $shown));
    }
}
