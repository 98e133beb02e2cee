<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Compare\Verdict;

/** One aspect of people who stand side by side. */
final readonly class ComparedRow
{
    /**
     * @param  string  $aspect  what is compared: Name, Birth, Christening, Partners …
     * @param  list<list<string>>  $cells  what is told of each person, the leading value first; empty where nothing is
     * @param  Verdict  $verdict  the worst between any two of them; Incomparable where fewer than two tell
     */
    public function __construct(public string $aspect, public array $cells, public Verdict $verdict)
    {
    }

    /** Whether any two tell something that can be set against each other. */
    public function isTold(): bool
    {
        return count(array_filter($this->cells)) > 1;
    }
}
