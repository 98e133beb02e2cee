<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\Calendar\UnknownCalendar;

/**
 * What somebody said of how a source, a place or a tree writes its dates. What is left unsaid is taken from what
 * lies wider: the place under the source, the tree under the place.
 */
final readonly class DatingSetting
{
    /**
     * @param  Calendar|null  $calendar  null while neither it nor the first day of the year is said
     * @param  string  $untilTyped  the last day so reckoned, in that calendar; empty for always
     * @param  DayOrder|null  $order  null while unsaid
     * @param  Hemisphere|null  $hemisphere  null while unsaid
     */
    private function __construct(
        private ?Calendar $calendar,
        private YearStart $yearStart,
        private string $untilTyped,
        private ?int $until,
        private ?DayOrder $order,
        private ?Hemisphere $hemisphere,
    ) {
    }

    /**
     * @param  array<string, string>  $values  calendar (a keyword of the standard), yearStart, until (a day as typed), order (dmy, mdy),
     *                                       hemisphere (north, south); each may be missing or empty
     *
     * @throws DatingProblem when a word is not known, or the last day is no day of that calendar
     */
    public static function of(array $values): self
    {
        $values = array_map(trim(...), $values) + ['calendar' => '', 'yearStart' => '', 'until' => '', 'order' => '', 'hemisphere' => ''];
        try {
            $calendar = $values['calendar'] === '' ? null : Calendars::named($values['calendar']);
        } catch (UnknownCalendar $problem) {
            throw DatingProblem::because($problem->getMessage());
        }
        $yearStart = $values['yearStart'] === '' ? YearStart::January
            : YearStart::tryFrom($values['yearStart'])
            ?? throw DatingProblem::because("No book is known to begin its year on {$values['yearStart']}.");
        if ($calendar === null && ($yearStart !== YearStart::January || $values['until'] !== '')) {
            throw DatingProblem::because('Say which calendar it is that begins its year so, or ends then.');
        }
        $until = $calendar === null || $values['until'] === '' ? null
            : self::day($values['until'], DatingConvention::of(DayOrder::DayFirst, $calendar, $yearStart, null));

        return new self($calendar, $yearStart, $values['until'], $until,
            $values['order'] === '' ? null
                : DayOrder::tryFrom($values['order']) ?? throw DatingProblem::because('The order of bare numbers is dmy or mdy.'),
            $values['hemisphere'] === '' ? null
                : Hemisphere::tryFrom($values['hemisphere']) ?? throw DatingProblem::because('A hemisphere is north or south.'));
    }

    public function over(DatingConvention $wider): DatingConvention
    {
        $convention = $this->calendar === null ? $wider
            : DatingConvention::of($wider->order, $this->calendar, $this->yearStart, $this->until)->on($wider->hemisphere);
        $convention = $this->order === null ? $convention : $convention->ordered($this->order);

        return $this->hemisphere === null ? $convention : $convention->on($this->hemisphere);
    }

    /** In words: "Julian, the year from 25 March, until 31 December 1752; 3/4 is the 3rd of April". */
    public function inWords(): string
    {
        $words = $this->calendar === null ? []
            : [implode(', ',
                array_filter([$this->calendar->word(), 'the year from '.$this->yearStart->value,
                    $this->untilTyped === '' ? '' : 'until '.$this->untilTyped]))];
        $words[] = match ($this->order) {
            DayOrder::DayFirst => '3/4 is the 3rd of April',
            DayOrder::MonthFirst => '3/4 is the 4th of March',
            DayOrder::Unsettled, null => '',
        };
        $words[] = $this->hemisphere === Hemisphere::South ? 'seasons of the southern half' : '';

        return implode('; ', array_filter($words));
    }

    private static function day(string $typed, DatingConvention $convention): int
    {
        $date = GenDate::parse($typed, $convention);
        $day = $date->span()?->latest;
        if ($date->kind !== DateKind::Exact || $date->precision !== Precision::Day || $day === null || $date->isAmbiguous()) {
            throw DatingProblem::because("“{$typed}” is not one day. Say the last day that was so reckoned, such as 31 December 1752.");
        }

        return $day;
    }
}
