<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

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
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $personId,
        #[Field(word: 'kind', isSafe: true)] public string $kind,
        #[Field(isSafe: true)] public string $aspect,
        #[Field(word: 'state', isSafe: true)] public string $state,
        #[Field(word: 'title')] public string $title,
        #[Field(word: 'decision')] public string $decision,
        #[Field(word: 'reason')] public string $reason,
        public string $summary,
        public string $reopenedBy,
        #[Field(column: 'other_person_id', namesPerson: true)] public string $otherId = '',
        #[Field(isElsewhere: true)] public array $alternatives = [],
        #[Field(isElsewhere: true)] public ?RollLinePointer $line = null,
        #[Field(isSafe: true, isElsewhere: true)] public array $claims = [],
        #[Field(isElsewhere: true)] public array $tasks = [],
        #[Field(isSafe: true, isElsewhere: true)] public string $decidedBy = '',
    ) {
    }
}
