<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\Reports\ReportMaker;
use App\Printing\PrintedDrawing;
use App\Printing\PrintedReport;
use App\Trees\Access\SeenTree;
use NorthBough\Core\Drawing\Render\Paper;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Reports;

/** @extends PresentCommand<Report> */
final class ReportCommand extends PresentCommand
{
    use Worded;

    protected $signature = 'bough:report {tree} {kind} {subject?* : @X@, a number or an id; nothing for the whole tree} '
        .'{--to= : the file to write} {--living=shield : shield or keep} {--paper= : A4 or Letter}';

    protected $description = 'Writes a report to a file';

    public function __construct(private readonly PrintedReport $printed, private readonly ReportMaker $maker)
    {
        parent::__construct();
    }

    protected function kinds(): Kinds
    {
        return Reports::kinds();
    }

    protected function formats(): array
    {
        return PrintedReport::FORMATS;
    }

    protected function content(Presented $presented, SeenTree $seen, Subject $subject, string $format): string
    {
        return $this->printed->of($this->maker->make($presented, $seen, $subject), $seen, $format,
            PrintedDrawing::paper($this->word('paper')) ?? Paper::A4);
    }
}
