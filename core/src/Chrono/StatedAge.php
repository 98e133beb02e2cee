<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** An age as a record tells it, and the days on which somebody of that age was born. */
final readonly class StatedAge
{
    private const ROUNDED_OVER = 15;

    /** Years under which months and weeks are counted because they are known. */
    private const INFANT = 2;

    /** Days of doubt in an age told in years, months and days together. */
    private const DAYS_OF_DOUBT = 3;

    private function __construct(
        public string $typed,
        private int $years,
        private int $months,
        private int $days,
        private AgeUnit $finest,
        private AgeConvention $convention,
    ) {
    }

    /**
     * Reads "24", "24 years", "8 months", "3 weeks", "10 days", "2y 3m 5d", "1 1/2", "½", "infant", "in his 24th year".
     *
     * @return self|null null when the words name no age
     */
    public static function parse(string $typed, AgeConvention $assertion = AgeConvention::Completed): ?self
    {
        $text = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $typed)));
        if (preg_match('/^(?:in (?:his|her|the) )?(\d{1,3})(?:st|nd|rd|th) year$/', $text, $m) === 1) {
            return new self($typed, (int) $m[1], 0, 0, AgeUnit::Years, AgeConvention::Running);
        }
        if (preg_match('/^(?:aged? )?(\d{1,3})(?: ?(?:years?|yrs?\.?|y\.?))?(?: old| of age)?$/', $text, $m) === 1) {
            return new self($typed, (int) $m[1], 0, 0, AgeUnit::Years, $assertion);
        }
        if (preg_match('/^(?:(\d{1,3}) ?)?(?:½|1\/2)(?: ?(?:years?|yrs?\.?|y\.?))?$/u', $text, $m) === 1) {
            return new self($typed, (int) ($m[1] ?? 0), 6, 0, AgeUnit::Months, AgeConvention::Completed);
        }

        return self::ofParts($typed, $text);
    }

    private static function ofParts(string $typed, string $text): ?self
    {
        $unit = '/\G(?:and |, ?)?(\d{1,3}) ?(years?|yrs?|y|months?|mos?|mths?|m|weeks?|wks?|w|days?|d)\.?(?: |$|(?=\d))/';
        $parts = ['y' => 0, 'm' => 0, 'w' => 0, 'd' => 0];
        $named = [];
        for ($at = 0; $at < strlen($text) && preg_match($unit, $text, $m, 0, $at) === 1; $at += strlen($m[0])) {
            $parts[$m[2][0]] += (int) $m[1];
            $named[] = $m[2][0];
        }
        if ($named === [] || $at < strlen($text)) {
            return null;
        }
        $finest = match (true) {
            in_array('d', $named, true) => AgeUnit::Days,
            in_array('w', $named, true) => AgeUnit::Weeks,
            in_array('m', $named, true) => AgeUnit::Months,
            default => AgeUnit::Years,
        };

        return new self($typed, $parts['y'], $parts['m'], 7 * $parts['w'] + $parts['d'], $finest, AgeConvention::Completed);
    }

    /**
     * The days of birth by the sum alone. An age that is completed on a day was reached on it at the latest, and
     * one unit less was completed the whole time before.
     *
     * @param  DaySpan  $daySpan  the day of reckoning of the record, or the span in which it lies
     * @return DaySpan open where the day of reckoning is open
     */
    public function bornBySum(DaySpan $daySpan): DaySpan
    {
        [$least, $most] = $this->range();
        $latest = $daySpan->latest === null ? null : $least->before($daySpan->latest);
        $earliest = $daySpan->earliest === null ? null : $most->plus($this->finest->one())->before($daySpan->earliest) + 1;
        if ($this->finest === AgeUnit::Days && $this->years + $this->months > 0) {
            return DaySpan::between($earliest === null ? null : $earliest - self::DAYS_OF_DOUBT,
                $latest === null ? null : $latest + self::DAYS_OF_DOUBT);
        }

        return DaySpan::between($earliest, $latest);
    }

    /**
     * The same with what telling adds: soft by 2 years or a tenth of the age, at most 5. Whoever counts a small child's
     * months or weeks knows them: soft by 2 months, or by 1.
     */
    public function born(DaySpan $daySpan): DaySpan
    {
        if ($this->years < self::INFANT && $this->finest !== AgeUnit::Years) {
            return $this->bornBySum($daySpan)->softenedBy(0, $this->finest === AgeUnit::Months ? 2 : 1, 0);
        }

        return $this->bornBySum($daySpan)->softenedBy(min(5, max(2, intdiv($this->years, 10))), 0, 0);
    }

    /** @return array{CalendarInterval, CalendarInterval} the least and the most that was completed */
    private function range(): array
    {
        $years = match ($this->convention) {
            AgeConvention::Running, AgeConvention::NextBirthday => max(0, $this->years - 1),
            default => $this->years,
        };
        $least = new CalendarInterval($years, $this->months, $this->days);
        $isRounded = $this->convention === AgeConvention::Rounded && $years > self::ROUNDED_OVER && $years % 5 === 0;

        return [$least, $isRounded ? new CalendarInterval($years + 4, 0, 0) : $least];
    }
}
