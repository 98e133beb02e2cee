<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** That something was decided by a claim, or by the answer to another question. */
final readonly class RestsOnRow implements Row
{
    /**
     * @param  DecisionSubject  $kind  of what was decided
     * @param  Owner  $ground  a claim or a question
     */
    public function __construct(public string $id, public DecisionSubject $kind, public string $decidedId, public Owner $ground, public string $groundId)
    {
    }
}
