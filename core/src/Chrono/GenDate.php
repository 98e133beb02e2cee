<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/**
 * A date as it was typed, and what was understood. The words are never replaced; every comparison goes by the
 * spans of the readings. A phrase has no reading, and `problem` says what is wrong with it when something is.
 */
final readonly class GenDate
{
    /**
     * @param  list<Interpretation>  $readings  more than one while the words can be read in two ways
     * @param  string  $normal  the date in the version 7 grammar; empty for a phrase
     * @param  string  $shown  the date in the words in which a reader sees it
     * @param  string  $calendar  keyword of the calendar in which it is written
     */
    private function __construct(
        public string $typed,
        public DateKind $kind,
        public Precision $precision,
        public array $readings,
        public string $normal,
        public string $shown,
        public string $calendar,
        public string $problem,
    ) {
    }

    /** Reads what a person typed; never fails: what is not understood is kept as a phrase. */
    public static function parse(string $typed, ?DatingConvention $convention = null): self
    {
        return DateParser::standard()->read($typed, $convention ?? DatingConvention::unknown());
    }

    public static function phrase(string $typed, string $problem = ''): self
    {
        // Brackets about all of the words are the sign of a phrase in files, and no part of it.
        $shown = preg_match('/^\((?:[^()]|\((?:[^()])*\))*\)$/s', trim($typed)) === 1 ? substr(trim($typed), 1, -1) : $typed;

        return new self($typed, DateKind::Phrase, Precision::None, [], '', trim($shown), 'GREGORIAN', $problem);
    }

    /** @param  non-empty-list<CalendarPeriod>  $stretches one for each way of reading the words */
    public static function exact(string $typed, array $stretches): self
    {
        $readings = array_map(static fn (CalendarPeriod $stretch): Interpretation => new Interpretation($stretch->span), $stretches);
        $shown = implode(' or ', array_unique(array_map(static fn (CalendarPeriod $stretch): string => $stretch->shown, $stretches)));

        return new self($typed, DateKind::Exact, $stretches[0]->precision, $readings,
            $stretches[0]->normal, $shown, $stretches[0]->calendar->keyword(), '');
    }

    /** One moment within the days of two stretches, the second not before the first. */
    public static function between(string $typed, CalendarPeriod $first, CalendarPeriod $last, Precision $precision, string $shown): self
    {
        return new self($typed, DateKind::Between, $precision,
            [new Interpretation(DaySpan::between($first->span->earliest, $last->span->latest))],
            'BET '.self::edge($first->normal, 1).' AND '.self::edge($last->normal, 2), $shown, $first->calendar->keyword(), '');
    }

    /** @param  list<Interpretation>  $readings */
    public static function of(
        string $typed, DateKind $kind, Precision $precision, array $readings, string $normal, string $shown, string $calendar,
    ): self {
        return new self($typed, $kind, $precision, $readings, $normal, $shown, $calendar, '');
    }

    /**
     * A date as it was stored.
     *
     * @param  list<Interpretation>  $readings
     */
    public static function restore(
        string $typed, DateKind $kind, Precision $precision, array $readings, string $normal, string $shown, string $calendar,
        string $problem,
    ): self {
        return new self($typed, $kind, $precision, $readings, $normal, $shown, $calendar, $problem);
    }

    /** The same reading of other words, for a form that strips something before it reads on. */
    public function typedAs(string $typed): self
    {
        return new self($typed, $this->kind, $this->precision, $this->readings, $this->normal, $this->shown, $this->calendar,
            $this->problem);
    }

    /** The same date, shown with the words that it was read from. */
    public function interpreted(string $words): self
    {
        return new self($this->typed, $this->kind, $this->precision, $this->readings, $this->normal,
            trim($words) === '' ? $this->shown : "{$this->shown} (".trim($words).')', $this->calendar, $this->problem);
    }

    /** The same date with a remark on what does not agree in its words. */
    public function remarked(string $problem): self
    {
        return new self($this->typed, $this->kind, $this->precision, $this->readings, $this->normal, $this->shown, $this->calendar,
            $problem);
    }

    /** The same date, shown as a reader wants it. */
    public function styled(DateStyle $style): self
    {
        return new self($this->typed, $this->kind, $this->precision, $this->readings, $this->normal,
            $this->kind === DateKind::Phrase ? $this->shown : $style->set($this->shown, $this->calendar), $this->calendar, $this->problem);
    }

    /** The standard's words for the beginning of this date, where a longer form needs one day, month or year. */
    public function beginning(): string
    {
        return self::edge($this->normal, 1);
    }

    /** The same for its end. */
    public function ending(): string
    {
        return self::edge($this->normal, 2);
    }

    private static function edge(string $normal, int $side): string
    {
        return preg_match('/^BET (.+) AND (.+)$/', $normal, $m) === 1 ? $m[$side] : $normal;
    }

    public function isAmbiguous(): bool
    {
        return count($this->readings) > 1;
    }

    public function isEmpty(): bool
    {
        return trim($this->typed) === '';
    }

    /** The span that covers every reading; null for a phrase that names no time. */
    public function span(): ?DaySpan
    {
        $span = null;
        foreach ($this->readings as $reading) {
            $span = $span === null ? $reading->outermost() : $span->hull($reading->outermost());
        }

        return $span;
    }
}
