<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

/** Every date form, in the order in which they are asked. A new form is one file and one line here. */
final class Forms
{
    /** @return list<DateForm> */
    public static function all(): array
    {
        return [
            new NumericDay,
            new WrittenDay,
            new WrittenMonth,
            new BareYear,
            new NumberedMonth,
            new MonthOrYear,
            new Feast,
            new NamedWeekday,
            new Decade,
            new PartOfYear,
            new Century,
            new Quarter,
            new Season,
            new NamedCalendar,
            new Interpreted,
            new ComputedDate,
            new Approximate,
            new Bound,
            new BetweenTwo,
            new Period,
        ];
    }
}
