<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Trees\Access\SeenTree;
use App\Trees\Numbers\LineNumbers;
use Illuminate\Contracts\Container\Container;
use Illuminate\Support\Carbon;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Report;

/** Makes a report of the current tree today, for the page, a file or a command. */
final readonly class ReportMaker
{
    public function __construct(private RecordMaterial $records, private ProofMaterial $proofs,
        private BookMaterial $books, private LineNumbers $numbers, private Container $container)
    {
    }

    /**
     * @param  int  $most  how many parts are wanted
     *
     * @throws SubjectMissing
     * @throws \App\Refusal where whoever asks may not have it
     */
    public function make(Report $report, SeenTree $seen, Subject $subject, int $most = PHP_INT_MAX): Document
    {
        return $report->build(new ReportMaterial($seen, $this->records, $this->proofs,
            $this->container->make(ListMaterial::class, ['seen' => $seen]), $this->books, $this->numbers, $most), $subject, Carbon::now()
            ->format('j F Y'));
    }
}
