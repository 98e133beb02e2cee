<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A question about somebody, and what was decided. */
final readonly class QuestionRow implements Row
{
    /**
     * @param  string  $personId  empty where it is asked of a line alone
     * @param  string  $otherId  somebody who may be the same person; empty where nobody is
     * @param  list<AlternativeRow>  $alternatives  of a case
     * @param  RollLinePointer|null  $line  of which it is asked who it is
     * @param  list<string>  $claims  that its answer rests on
     * @param  list<TaskRow>  $tasks  to do for it
     * @param  string  $decidedBy  the case that answered it; empty for none
     */
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
        public string $otherId = '',
        public array $alternatives = [],
        public ?RollLinePointer $line = null,
        public array $claims = [],
        public array $tasks = [],
        public string $decidedBy = '',
    ) {
    }
}
