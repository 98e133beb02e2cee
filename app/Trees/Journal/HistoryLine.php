<?php

declare(strict_types=1);

namespace App\Trees\Journal;

/** A told entry of somebody's history, with the change that it was part of. */
final readonly class HistoryLine
{
    public function __construct(
        public ToldEntry $told,
        public string $who,
        public string $madeAt,
        public string $summary,
        public string $why,
    ) {
    }
}
