<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A kind of event or fact: its word, the standard tag it maps to, what it can belong to, and what it says of a life. */
final readonly class EventKind
{
    /** Of a kind of which no more is known than its word. */
    private const PLAIN = 'there is a record of {his} {kind}[ {where}][ {when}][: {value}]';

    /**
     * @param  bool  $ofPerson  a person can have it
     * @param  bool  $ofUnion  a couple can have it
     * @param  bool  $single  it can have happened once only, so two values are rivals
     * @param  bool  $hasValue  it says something besides when and where (a trade, a title)
     * @param  string  $participle  what somebody was by it: born, buried; empty where the language has no word for it
     * @param  list<EventTrait>  $traits  what it says of a life; none says no more than that it happened
     * @param  string  $sentence  how it tells itself, as a SentencePattern of Narrative has it
     */
    private function __construct(
        public string $code,
        public string $word,
        public string $tag,
        public bool $ofPerson,
        public bool $ofUnion,
        public bool $single,
        public bool $hasValue,
        public array $traits,
        public string $participle,
        public string $sentence = self::PLAIN,
    ) {
    }

    public static function ofPerson(string $code, string $word, string $tag, bool $single = false, bool $hasValue = false): self
    {
        return new self($code, $word, $tag, true, false, $single, $hasValue, [], '');
    }

    public static function ofUnion(string $code, string $word, string $tag): self
    {
        return new self($code, $word, $tag, false, true, false, false, [], '');
    }

    public static function ofEither(string $code, string $word, string $tag, bool $hasValue = false): self
    {
        return new self($code, $word, $tag, true, true, false, $hasValue, [], '');
    }

    /** The same kind, saying this of a life. */
    public function saying(EventTrait ...$traits): self
    {
        return new self($this->code, $this->word, $this->tag, $this->ofPerson, $this->ofUnion, $this->single, $this->hasValue,
            array_values($traits), $this->participle, $this->sentence);
    }

    /** The same kind, with the word for what somebody was by it. */
    public function called(string $participle): self
    {
        return new self($this->code, $this->word, $this->tag, $this->ofPerson, $this->ofUnion, $this->single, $this->hasValue,
            $this->traits, $participle, $this->sentence);
    }

    /** The same kind, told by this sentence. */
    public function told(string $sentence): self
    {
        return new self($this->code, $this->word, $this->tag, $this->ofPerson, $this->ofUnion, $this->single, $this->hasValue,
            $this->traits, $this->participle, $sentence);
    }

    public function is(EventTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }
}
