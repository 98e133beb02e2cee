<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A kind of event or fact: its word, the standard tag it maps to, and what it can belong to. */
final readonly class EventKind
{
    /**
     * @param  bool  $ofPerson  a person can have it
     * @param  bool  $ofUnion  a couple can have it
     * @param  bool  $single  it can have happened once only, so two values are rivals
     * @param  bool  $hasValue  it says something besides when and where (a trade, a title)
     */
    private function __construct(
        public string $code,
        public string $word,
        public string $tag,
        public bool $ofPerson,
        public bool $ofUnion,
        public bool $single,
        public bool $hasValue,
    ) {
    }

    public static function ofPerson(string $code, string $word, string $tag, bool $single = false, bool $hasValue = false): self
    {
        return new self($code, $word, $tag, true, false, $single, $hasValue);
    }

    public static function ofUnion(string $code, string $word, string $tag): self
    {
        return new self($code, $word, $tag, false, true, false, false);
    }

    public static function ofEither(string $code, string $word, string $tag, bool $hasValue = false): self
    {
        return new self($code, $word, $tag, true, true, false, $hasValue);
    }
}
