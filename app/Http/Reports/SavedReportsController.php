<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Presentation\Asked;
use App\Http\Reports\Inputs\SavedReportInput;
use App\Http\Reports\Resources\SavedReportList;
use App\Http\Reports\Resources\SavedReportResource;
use App\Http\Tree\TreesController;
use App\Models\SavedReport;
use App\Printing\PrintedDrawing;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Reports;

/** Reports that were saved with their options. One that is opened is made anew, of the tree as it is by then. */
final readonly class SavedReportsController
{
    public function __construct(private LivingPeople $living, private ChangeSets $changes, private Joined $joined)
    {
    }

    #[Get('/trees/{tree}/saved-reports', 'savedReports', SavedReportList::class)]
    public function index(): JsonResponse
    {
        $rows = SavedReport::query()->orderBy('name')->orderBy('id')->get();
        $subjects = $rows->map(static fn (SavedReport $row): array => explode(',', self::subject($row)))->all();
        $today = $this->joined->resolveAll(Joined::idsIn($subjects));
        $seen = $this->living->seen();

        return response()->json(new SavedReportList(array_values($rows->map(
            static fn (SavedReport $row): SavedReportResource => new SavedReportResource($row->id, $row->version, $seen->text($row->name),
                $row->kind, implode(',', array_map(static fn (string $id): string => $today[$id] ?? $id, explode(',',
                    self::subject($row)))),
                array_filter(is_array($row->settings['options'] ?? null) ? $row->settings['options'] : [], is_string(...))))->all())));
    }

    #[Post('/trees/{tree}/saved-reports', 'saveReport', CreatedResource::class, SavedReportInput::class)]
    public function store(Request $request): JsonResponse
    {
        $values = self::values(SavedReportInput::from($request));
        $row = $this->changes->run(new Intent(TreesController::user($request), "Saved the report: {$values['name']}"),
            static fn (): SavedReport => SavedReport::query()->create($values));

        return response()->json(new CreatedResource($row->id));
    }

    #[Put('/trees/{tree}/saved-reports/{savedReport}', 'changeSavedReport', CreatedResource::class, SavedReportInput::class)]
    public function update(Request $request, string $tree, string $savedReport): JsonResponse
    {
        $input = SavedReportInput::from($request);
        $values = self::values($input);
        $this->changes->run(new Intent(TreesController::user($request), "Changed the saved report: {$values['name']}"),
            static function () use ($savedReport, $values, $input): void {
                $row = SavedReport::query()->findOrFail($savedReport);
                ChangedMeanwhile::unless($row, $input->version ?? 0, $values);
                $row->fill($values)->save();
            });

        return response()->json(new CreatedResource($savedReport));
    }

    #[Delete('/trees/{tree}/saved-reports/{savedReport}', 'deleteSavedReport')]
    public function destroy(Request $request, string $tree, string $savedReport): Response
    {
        $row = SavedReport::query()->findOrFail($savedReport);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the saved report: {$row->name}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    private static function subject(SavedReport $row): string
    {
        return is_string($row->settings['subject'] ?? null) ? $row->settings['subject'] : '';
    }

    /**
     * @return array{name: string, kind: string, settings: array{subject: string, options: array<string, string>}}
     *
     * @throws \App\Refusal where there is no such report or option
     */
    private static function values(SavedReportInput $input): array
    {
        return Asked::answer(static function () use ($input): array {
            // On what it is printed is no option of its own, and is saved with them.
            $own = array_diff_key($input->options, ['paper' => '']);
            PrintedDrawing::paper($input->options['paper'] ?? '');
            $subject = Subject::read(Reports::named($input->kind, $own)::subject(), $input->subject);

            return ['name' => trim($input->name), 'kind' => $input->kind,
                'settings' => ['subject' => $subject->words(), 'options' => $input->options]];
        });
    }
}
