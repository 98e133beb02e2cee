<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\Precision;

/** c. 1850, abt 1850, est 1850, calc 14 Jun 1850: a date with an allowance of ours on both sides. */
final readonly class Approximate implements DateForm
{
    private const WORDS = [
        'about' => DateKind::About, 'abt' => DateKind::About, 'around' => DateKind::About, 'approximately' => DateKind::About,
        'approx' => DateKind::About,
        'near' => DateKind::About, 'say' => DateKind::Estimated, 'circa' => DateKind::About,
        'ca' => DateKind::About, 'c' => DateKind::About, '~' => DateKind::About,
        'estimated' => DateKind::Estimated, 'est' => DateKind::Estimated,
        'calculated' => DateKind::Calculated, 'calc' => DateKind::Calculated, 'cal' => DateKind::Calculated,
    ];

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(~|\p{L}+)\.?\s*(?:the year |in )?(\S.*)$/u', $text, $m) !== 1) {
            return null;
        }
        $kind = self::WORDS[mb_strtolower($m[1])] ?? null;
        $date = $kind === null ? null : $reader->plain($m[2], $convention);
        if ($kind === null || $date === null) {
            return null;
        }
        [$years, $months, $days] = self::allowance($kind, $date->precision);
        $readings = array_map(
            static fn (Interpretation $reading): Interpretation => new Interpretation($reading->begin->softenedBy($years, $months, $days)),
            $date->readings,
        );
        [$word, $tag] = match ($kind) {
            DateKind::About => ['about', 'ABT'],
            DateKind::Estimated => ['estimated', 'EST'],
            default => ['calculated', 'CAL'],
        };

        return GenDate::of($text, $kind, $date->precision, $readings, "{$tag} {$date->beginning()}", "{$word} {$date->shown}",
            $date->calendar);
    }

    /** @return array{int, int, int} years, months, days of allowance at each edge */
    private static function allowance(DateKind $kind, Precision $precision): array
    {
        return match ($kind) {
            DateKind::About => match ($precision) {
                Precision::Day => [0, 0, 14],
                Precision::Month => [0, 3, 0],
                default => [2, 0, 0],
            },
            DateKind::Estimated => match ($precision) {
                Precision::Day => [0, 3, 0],
                Precision::Month => [1, 0, 0],
                default => [5, 0, 0],
            },
            default => match ($precision) {
                Precision::Day => [0, 0, 3],
                Precision::Month => [0, 1, 0],
                default => [1, 0, 0],
            },
        };
    }
}
