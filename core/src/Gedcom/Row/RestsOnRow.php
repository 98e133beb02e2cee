<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** That a question was answered by a claim, or a tie or a placing by the answer to a question. */
final readonly class RestsOnRow implements Row
{
    /**
     * @param  Deciding  $kind  of what was decided
     * @param  string  $groundId  of a claim under a question, of a question under anything else
     */
    public function __construct(public string $id, public Deciding $kind, public string $decidedId, public string $groundId)
    {
    }
}
