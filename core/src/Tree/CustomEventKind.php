<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** What a tree says of its own kind of event, beside the word: what it tells of a life, and whether it happens once. */
final readonly class CustomEventKind
{
    /**
     * @param  list<EventTrait>  $traits
     * @param  string  $sentence  how it tells itself; empty where nothing is said of that
     */
    public function __construct(public array $traits, public bool $single, public string $sentence = '')
    {
    }

    /** One of which nothing is said: an event of some kind happened. */
    public static function plain(): self
    {
        return new self([], false);
    }

    public function is(EventTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }
}
