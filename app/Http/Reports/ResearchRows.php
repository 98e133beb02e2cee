<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Questions\CaseLines;
use App\Http\Questions\FindingRows;
use App\Http\Research\SearchRows;
use App\Http\Research\TaskRows;

/** The lists of research that pages show, from which reports take theirs. */
final readonly class ResearchRows
{
    public function __construct(
        public TaskRows $tasks,
        public SearchRows $searches,
        public CaseLines $questions,
        public FindingRows $findings,
    ) {
    }
}
