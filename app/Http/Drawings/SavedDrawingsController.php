<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Drawings\Inputs\SavedDrawingInput;
use App\Http\Drawings\Resources\SavedDrawingList;
use App\Http\Drawings\Resources\SavedDrawingResource;
use App\Http\LivingInFull;
use App\Http\Presentation\Asked;
use App\Http\Tree\TreesController;
use App\Models\Drawing as SavedDrawing;
use App\Printing\Attachment;
use App\Printing\PrintedDrawing;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Drawings\DrawingSettings;
use App\Trees\Drawings\KeepDrawing;
use App\Trees\Drawings\SeenHandwork;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Handwork\StoredHandwork;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;

/** Drawings that are kept by name, and drawn each time with the tree of the day. */
final readonly class SavedDrawingsController
{
    public function __construct(
        private LivingPeople $living,
        private PrivacyAwareExport $export,
        private ChangeSets $changes,
        private Joined $joined,
        private SavedDrawingPages $pages,
        private KeepDrawing $keep,
    ) {
    }

    #[Get('/trees/{tree}/saved-drawings', 'savedDrawings', SavedDrawingList::class)]
    public function index(): JsonResponse
    {
        return response()->json($this->pages->all());
    }

    #[Get('/trees/{tree}/saved-drawings/{savedDrawing}', 'savedDrawing', SavedDrawingResource::class)]
    public function show(string $tree, string $savedDrawing): JsonResponse
    {
        $row = SavedDrawing::query()->findOrFail($savedDrawing);
        $settings = DrawingSettings::of($row, $this->joined);
        $seen = $this->living->seen();

        return response()->json($this->pages->opened($row, $settings, $this->scene($row->kind, $settings, $seen), $seen));
    }

    #[Post('/trees/{tree}/saved-drawings', 'saveDrawing', CreatedResource::class, SavedDrawingInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = SavedDrawingInput::from($request);
        $values = $this->values($input);
        $row = $this->changes->run(new Intent(TreesController::user($request), "Saved the drawing: {$input->name}"),
            static fn (): SavedDrawing => SavedDrawing::query()->create($values));

        return response()->json(new CreatedResource($row->id));
    }

    #[Put('/trees/{tree}/saved-drawings/{savedDrawing}', 'changeDrawing', CreatedResource::class, SavedDrawingInput::class)]
    public function update(Request $request, string $tree, string $savedDrawing): JsonResponse
    {
        $input = SavedDrawingInput::from($request);
        $values = $this->values($input);
        $this->changes->run(new Intent(TreesController::user($request), "Changed the drawing: {$input->name}"),
            static function () use ($savedDrawing, $values, $input): void {
                $row = SavedDrawing::query()->findOrFail($savedDrawing);
                ChangedMeanwhile::unless($row, $input->version ?? 0, $values);
                $row->fill($values)->save();
            });

        return response()->json(new CreatedResource($savedDrawing));
    }

    #[Delete('/trees/{tree}/saved-drawings/{savedDrawing}', 'deleteDrawing')]
    public function destroy(Request $request, string $tree, string $savedDrawing): Response
    {
        $row = SavedDrawing::query()->findOrFail($savedDrawing);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the drawing: {$row->name}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    public function file(Request $request, PrintedDrawing $printed, string $tree, string $savedDrawing, string $format): Response
    {
        $row = SavedDrawing::query()->findOrFail($savedDrawing);
        $settings = DrawingSettings::of($row, $this->joined);
        $seen = $this->export->seen(LivingInFull::askedBy($request), 'Saved a drawing');
        $scene = $this->scene($row->kind, $settings, $seen);

        $paper = PrintedDrawing::paper($request->string('paper')->toString());

        return Attachment::of($printed->of($scene, $seen, $format, $paper), $row->name, $format);
    }

    private function scene(string $kind, DrawingSettings $settings, SeenTree $seen): Scene
    {
        return Asked::answer(static function () use ($kind, $settings, $seen): Scene {
            $drawing = Drawings::named($kind, $settings->options);

            return Drawings::drawn($drawing, $seen->view, Subject::read($drawing::subject(), implode(',', $settings->subjectIds)),
                SeenHandwork::by($seen, $settings->handwork));
        });
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal where there is no such kind, option or person
     */
    private function values(SavedDrawingInput $input): array
    {
        return Asked::answer(fn (): array => $this->keep->columns($input->name, $input->kind, $input->subjects, $input->options,
            StoredHandwork::read($input->handwork, static fn (string $id): string => $id)));
    }
}
