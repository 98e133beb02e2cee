<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A question about somebody, and what was decided. */
final readonly class QuestionRow implements Row
{
    public function __construct(
        public string $id,
        public string $personId,
        public string $kind,
        public string $aspect,
        public string $state,
        public string $title,
        public string $decision,
        public string $reason,
        public string $summary,
        public string $reopenedBy,
    ) {
    }
}
