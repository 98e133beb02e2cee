<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Verdict;

/** A date that could be concluded: a span that could be concluded, and what each claim says to it. */
final readonly class CandidateDate
{
    /** @param  list<Verdict>  $verdicts  in the order of the claims */
    public function __construct(public GenDate $date, public array $verdicts)
    {
    }
}
