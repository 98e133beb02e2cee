<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** An assertion of a record beside what the tree has: whether it is new, agrees, strains or contradicts, and on what ground. */
final readonly class AssertionCheck
{
    private function __construct(
        public Assertion $assertion,
        public Agreement $state,
        public string $ground,
        public string $factId,
        public bool $isWanted,
        public bool $repeatsRuledOut = false,
    ) {
    }

    /** @param  string  $fillsFactId  a fact that is there without a day or a place, and gets it by this; empty where a new one is made */
    public static function new(Assertion $assertion, string $ground = '', string $fillsFactId = '', bool $isWanted = true): self
    {
        return new self($assertion, Agreement::New, $ground, $fillsFactId, $isWanted);
    }

    public static function there(Assertion $assertion, Agreement $state, string $ground, string $factId = ''): self
    {
        return new self($assertion, $state, $ground, $factId, true);
    }

    /**
     * What contradicts, and says again what was ruled out: it is cited by the line where it stands, and made no second time.
     *
     * @param  string  $factId  what was ruled out; empty of a tie
     */
    public static function repeating(Assertion $assertion, string $ground, string $factId = ''): self
    {
        return new self($assertion, Agreement::Contradicts, $ground, $factId, true, true);
    }

    /** What cannot be entered while the tree says otherwise. */
    public static function barred(Assertion $assertion, string $ground): self
    {
        return new self($assertion, Agreement::Contradicts, $ground, '', false);
    }

    public static function remark(Assertion $assertion, string $ground): self
    {
        return new self($assertion, Agreement::Remark, $ground, '', false);
    }

    /** Shown, and entered by nothing but a wish. */
    public function onlyIfWanted(): self
    {
        return new self($this->assertion, $this->state, $this->ground, $this->factId, false, $this->repeatsRuledOut);
    }
}
