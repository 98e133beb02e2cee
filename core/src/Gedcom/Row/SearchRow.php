<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Stored\Field;

/** A search, found or in vain: what was looked for, where, for whom, and what came of it. */
final readonly class SearchRow implements Row
{
    /**
     * @param  string  $outcome  found, nothing, in part or waiting
     * @param  bool  $isWhole  the whole of a complete series was read
     * @param  string  $sourceId  empty where it was made in no source of the tree
     * @param  list<string>  $people  for whom
     * @param  string  $questionId  the case that it was made for; empty for none
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(column: 'date_typed', word: 'when')] public GenDate $date,
        public string $lookedFor,
        public string $lookedIn,
        #[Field(isSafe: true, word: 'what came of it')] public string $outcome,
        public bool $isWhole,
        public string $found,
        public string $note,
        #[Field(isSafe: true)] public string $sourceId,
        public int $position,
        #[Field(namesPerson: true, isElsewhere: true)] public array $people,
        #[Field(isSafe: true)] public string $questionId = '',
    ) {
    }
}
