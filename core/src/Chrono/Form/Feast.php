<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\Easter;
use NorthBough\Core\Chrono\GenDate;

/** Lady Day 1802, Michaelmas 1802, Easter Monday 1901: feasts, by the calendar that the place then kept. */
final readonly class Feast implements DateForm
{
    /** Month and day. Days of the Western church and of the quarter and term days that leases and hirings ran by. */
    private const FIXED = [
        'new year' => [1, 1], 'new year\'s day' => [1, 1], 'circumcision' => [1, 1], 'epiphany' => [1, 6], 'twelfth day' => [1, 6],
        'hilary' => [1, 13], 'conversion of st paul' => [1, 25], 'candlemas' => [2, 2], 'st valentine' => [2, 14],
        'st matthias' => [2, 24], 'st david' => [3, 1], 'st patrick' => [3, 17], 'lady day' => [3, 25], 'annunciation' => [3, 25],
        'all fools' => [4, 1], 'st george' => [4, 23], 'st mark' => [4, 25], 'may day' => [5, 1], 'roodmas' => [5, 3],
        'st barnabas' => [6, 11], 'midsummer' => [6, 24], 'st john' => [6, 24], 'st john the baptist' => [6, 24],
        'nativity of st john' => [6, 24], 'st peter and st paul' => [6, 29], 'st peter' => [6, 29], 'st swithin' => [7, 15],
        'st mary magdalene' => [7, 22], 'st james' => [7, 25], 'lammas' => [8, 1], 'transfiguration' => [8, 6], 'st lawrence' => [8, 10],
        'assumption' => [8, 15], 'st bartholomew' => [8, 24], 'nativity of mary' => [9, 8], 'holyrood' => [9, 14],
        'holy cross' => [9, 14], 'st matthew' => [9, 21], 'michaelmas' => [9, 29], 'st michael' => [9, 29], 'st luke' => [10, 18],
        'st simon and st jude' => [10, 28], 'all hallows eve' => [10, 31], 'all hallows' => [11, 1], 'all saints' => [11, 1],
        'hallowmas' => [11, 1], 'all souls' => [11, 2], 'martinmas' => [11, 11], 'st martin' => [11, 11], 'st cecilia' => [11, 22],
        'st catherine' => [11, 25], 'st andrew' => [11, 30], 'st nicholas' => [12, 6], 'immaculate conception' => [12, 8],
        'st thomas' => [12, 21], 'christmas eve' => [12, 24], 'christmas' => [12, 25], 'boxing day' => [12, 26],
        'st stephen' => [12, 26], 'holy innocents' => [12, 28], 'new year\'s eve' => [12, 31],
    ];

    /** Days from Easter Sunday. */
    private const MOVABLE = [
        'septuagesima' => -63, 'sexagesima' => -56, 'quinquagesima' => -49, 'shrove tuesday' => -47, 'ash wednesday' => -46,
        'mothering sunday' => -21, 'passion sunday' => -14, 'palm sunday' => -7, 'maundy thursday' => -3, 'good friday' => -2,
        'easter eve' => -1, 'easter' => 0, 'easter sunday' => 0, 'easter day' => 0, 'easter monday' => 1, 'easter tuesday' => 2,
        'low sunday' => 7, 'hocktide' => 15, 'hock tuesday' => 16, 'rogation sunday' => 35, 'ascension' => 39, 'ascension day' => 39,
        'whitsun' => 49, 'whit sunday' => 49, 'whitsunday' => 49, 'pentecost' => 49, 'whit monday' => 50, 'whit tuesday' => 51,
        'trinity' => 56, 'trinity sunday' => 56, 'corpus christi' => 60,
    ];

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:the )?(?:feast of )?(?:the )?(?<feast>[\p{L}\'’. ]+?),? '.YearWords::PATTERN.'$/iu', $text, $m) !== 1) {
            return null;
        }
        $name = strtr(mb_strtolower(trim($m['feast'])), ['’' => "'", 'saint ' => 'st ', 'st. ' => 'st ']);
        $offset = self::MOVABLE[$name] ?? null;
        $fixed = self::FIXED[$name] ?? self::FIXED[(string) preg_replace("/(?:'s?)?(?: day)?$/", '', $name)] ?? null;
        $year = YearWords::from($m, $convention);
        if ($year === null || ($offset === null && $fixed === null)) {
            return null;
        }
        $stretches = $fixed !== null ? $year->day(...$fixed)
            : $this->movable((int) $m['year'], ($m['second'] ?? '') !== '', (int) $offset, $convention);
        $feast = trim($m['feast']);

        return GenDate::exact($text,
            array_map(static fn (CalendarPeriod $stretch): CalendarPeriod => $stretch->shownAs("{$feast}, {$stretch->shown}"), $stretches));
    }

    /** @return non-empty-list<CalendarPeriod> */
    private function movable(int $written, bool $dual, int $offset, DatingConvention $convention): array
    {
        $year = $dual ? $written + 1 : $written;
        $julian = Calendars::julian();
        foreach ($convention->eras as $era) {
            // Easter of a year that began on Lady Day can fall in the week before it; it is then the next year's by ours.
            $calendar = $dual && $year <= DatingConvention::OLD_STYLE_ENDS ? $julian : $era->calendar;
            $day = ($calendar === $julian ? Easter::julian($year) : Easter::gregorian($year)) + $offset;
            if ($era->until === null || $day <= $era->until) {
                break;
            }
        }

        return [CalendarPeriod::ofDay($calendar, $day)];
    }
}
