<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Presentation\Asked;
use App\Trees\Access\SeenTree;
use Illuminate\Support\Carbon;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Reports;

/** Makes a report of the current tree, for the page, a file or a command. */
final readonly class ReportMaker
{
    public function __construct(private RecordMaterial $records, private ProofMaterial $proofs)
    {
    }

    /**
     * @param  array<string, string>  $options
     *
     * @throws \App\Refusal where there is no such kind, option or subject
     */
    public function make(SeenTree $seen, string $kind, string $subject, array $options): Document
    {
        return Asked::answer(function () use ($seen, $kind, $subject, $options): Document {
            $report = Reports::named($kind, $options);

            return $report->build(new ReportMaterial($seen, $this->records, $this->proofs),
                Subject::read($report::subject(), $subject), Carbon::now()->format('j F Y'));
        });
    }
}
