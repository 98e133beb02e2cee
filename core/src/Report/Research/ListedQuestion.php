<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

/** A question in a list of them, with what was decided. */
final readonly class ListedQuestion
{
    /** @param  string  $summary  the proof summary that was written; empty where there is none */
    public function __construct(
        public string $sentence,
        public string $state,
        public string $decision,
        public string $reason,
        public string $summary,
    ) {
    }

    public function isOpen(): bool
    {
        return ! in_array($this->state, ['decided', 'proved', 'ruled out'], true);
    }
}
