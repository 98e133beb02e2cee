<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** One answer to a case, and how far it is proved; `personId` is empty where it is about nobody in the tree. */
final readonly class AlternativeRow implements Row
{
    /** @param  list<PointRow>  $points */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $questionId,
        #[Field(namesPerson: true)] public string $personId,
        #[Field(word: 'title')] public string $title,
        #[Field(isSafe: true, word: 'what came of it')] public string $outcome,
        public int $position,
        #[Field(isElsewhere: true)] public array $points = [],
    ) {
    }
}
