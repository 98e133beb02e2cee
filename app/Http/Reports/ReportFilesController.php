<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Exchange\ExchangeController;
use App\Http\Exchange\Resources\RunResource;
use App\Http\Exchange\RunFiles;
use App\Http\Presentation\Asked;
use App\Http\Reports\Inputs\ReportFileInput;
use App\Http\Reports\Resources\ReportFilesResource;
use App\Http\Tree\TreesController;
use App\Jobs\MakeReport;
use App\Printing\Attachment;
use App\Trees\Exchange\LostRuns;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Reports;

/** Long reports: made into files in the queue, while whoever asked goes on. */
final readonly class ReportFilesController
{
    public const KIND = 'report';

    public function __construct(private CurrentTree $current, private RunFiles $files)
    {
    }

    #[Get('/trees/{tree}/report-files', 'reportFiles', ReportFilesResource::class)]
    public function index(Request $request): JsonResponse
    {
        LostRuns::release();

        return response()->json(new ReportFilesResource(array_map(ExchangeController::run(...),
            array_slice($this->files->of(TreesController::user($request), self::KIND), 0, 1))));
    }

    #[Post('/trees/{tree}/reports/{kind}/{reported}/files', 'makeReportFile', RunResource::class, ReportFileInput::class)]
    public function store(Request $request, string $tree, string $kind, string $reported): JsonResponse
    {
        $input = ReportFileInput::from($request);
        $user = TreesController::user($request);
        $report = Asked::answer(static fn (): Report => Reports::named($kind, $input->options));
        Asked::answer(static fn (): Subject => Subject::read($report::subject(), $reported));
        if (($input->keep || $input->kept !== []) && $this->current->get()->roleOf($user) !== 'owner') {
            throw PrivacyAwareExport::notTheirs();
        }
        $run = $this->files->begin($user, self::KIND, $report::title(), static fn (): array => ['kind' => $kind, 'subject' => $reported,
            'options' => $input->options, 'format' => $input->format, 'keep' => $input->keep, 'kept' => $input->kept,
            'paper' => $input->paper]);
        MakeReport::dispatch($run->id);

        return response()->json(ExchangeController::run($run->refresh()));
    }

    public function file(Request $request, string $tree, string $run): Response
    {
        $row = $this->files->made(TreesController::user($request), self::KIND, $run);

        return Attachment::of(File::get((string) ($row->result['path'] ?? '')), (string) ($row->result['title'] ?? $row->title),
            (string) $row->asked['format']);
    }
}
