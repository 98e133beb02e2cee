<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Chrono\GenDate;

/** One thing that a line tells, with the rule by which it follows from the words and the sum that was made. */
final readonly class Assertion
{
    private function __construct(
        public AssertionSubject $of,
        public string $lineId,
        public string $otherLineId,
        public string $kind,
        public GenDate $date,
        public string $place,
        public string $value,
        public string $rule,
        public string $working,
        public string $words,
        public bool $isSaid,
        public string $reading = '',
        public bool $isDoubtful = false,
        public bool $isSum = false,
    ) {
    }

    /**
     * @param  string  $kind  code of an EventKind
     * @param  string  $words  of the page
     */
    public static function ofPerson(string $lineId, string $kind, GenDate $date, string $place, string $value, string $words): self
    {
        return new self(AssertionSubject::Person, $lineId, '', $kind, $date, $place, $value, '', '', $words, true);
    }

    public static function ofCouple(string $lineId, string $otherLineId, string $kind, GenDate $date, string $place, string $words): self
    {
        return new self(AssertionSubject::Couple, $lineId, $otherLineId, $kind, $date, $place, '', '', '', $words, true);
    }

    /** @param  bool  $isSaid  the words themselves say it, and it is not only likely */
    public static function tie(AssertionSubject $tie, string $lineId, string $otherLineId, string $words, bool $isSaid = true): self
    {
        return new self($tie, $lineId, $otherLineId, '', GenDate::phrase(''), '', '', '', '', $words, $isSaid);
    }

    public static function sex(string $lineId, string $sex, string $words): self
    {
        return new self(AssertionSubject::Sex, $lineId, '', 'sex', GenDate::phrase(''), '', $sex, '', '', $words, true);
    }

    public static function remark(string $lineId, string $kind, GenDate $date, string $words): self
    {
        return new self(AssertionSubject::Remark, $lineId, '', $kind, $date, '', '', '', '', $words, true);
    }

    /** The same with the rule and its sum, in a sentence that can be checked. */
    public function by(string $rule, string $working): self
    {
        return new self($this->of, $this->lineId, $this->otherLineId, $this->kind, $this->date, $this->place, $this->value, $rule, $working,
            $this->words, $this->isSaid, $this->reading, $this->isDoubtful, $this->isSum);
    }

    /** The same, where what is told follows from words about something else: a birth from an age, a wedding from years married. */
    public function bySum(string $rule, string $working): self
    {
        return new self($this->of, $this->lineId, $this->otherLineId, $this->kind, $this->date, $this->place, $this->value, $rule, $working,
            $this->words, $this->isSaid, $this->reading, $this->isDoubtful, true);
    }

    /** Whether it tells of it only together with something else. */
    public function isIndirect(): bool
    {
        return $this->isSum || ! $this->isSaid;
    }

    /** What the line tells if a doubtful word reads so. */
    public function readAs(string $reading): self
    {
        return new self($this->of, $this->lineId, $this->otherLineId, $this->kind, $this->date, $this->place, $this->value, $this->rule,
            "If it reads “{$reading}”. {$this->working}", $this->words, $this->isSaid, $reading, true, $this->isSum);
    }

    /** It follows from a word whose reading is doubtful. */
    public function doubted(): self
    {
        return new self($this->of, $this->lineId, $this->otherLineId, $this->kind, $this->date, $this->place, $this->value, $this->rule,
            $this->working, $this->words, $this->isSaid, $this->reading, true, $this->isSum);
    }

    /** Whether two tell the same of the same. */
    public function saysTheSameAs(self $otherAssertion): bool
    {
        return [$this->key(), $this->date->typed, $this->place, $this->value] === [$otherAssertion->key(), $otherAssertion->date->typed,
            $otherAssertion->place,
            $otherAssertion->value];
    }

    /** By which it is declined, and known again when the roll is read anew. */
    public function key(): string
    {
        return implode(':',
            [$this->lineId, $this->rule, $this->of->value, $this->kind, $this->otherLineId,
                ...($this->reading === '' ? [] : [$this->reading])]);
    }
}
