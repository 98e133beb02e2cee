<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** That something was decided by a claim, or by the answer to another question. */
final readonly class RestsOnRow implements Row
{
    /**
     * @param  DecisionSubject  $kind  of what was decided
     * @param  Owner  $ground  a claim or a question
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isElsewhere: true)] public DecisionSubject $kind,
        #[Field(isSafe: true, isElsewhere: true)] public string $decidedId,
        #[Field(isElsewhere: true)] public Owner $ground,
        #[Field(isSafe: true, isElsewhere: true)] public string $groundId,
    ) {
    }
}
