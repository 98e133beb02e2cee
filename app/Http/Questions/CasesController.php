<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Questions\Inputs\AlternativeInput;
use App\Http\Questions\Inputs\CaseInput;
use App\Http\Questions\Inputs\ConclusionInput;
use App\Http\Questions\Inputs\PointInput;
use App\Http\Questions\Resources\CaseContextResource;
use App\Http\Questions\Resources\CasePage;
use App\Http\Research\Inputs\TaskInput;
use App\Http\Tree\TreesController;
use App\Models\Alternative;
use App\Models\Claim;
use App\Models\Point;
use App\Models\Question;
use App\Models\Task;
use App\Refusal;
use App\Trees\Casework\Cases;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Evidence\Casework\CaseState;

/** Cases of identity and kinship: evidence gathered for and against, and concluded as far as it goes. */
final readonly class CasesController
{
    public function __construct(
        private CurrentTree $current,
        private Cases $cases,
        private CasePages $pages,
        private CaseContext $beside,
        private ChangeSets $changes,
    ) {
    }

    #[Get('/trees/{tree}/cases/{question}', 'case', CasePage::class)]
    public function show(string $tree, string $question): JsonResponse
    {
        $this->refuseShielded();

        return response()->json($this->pages->of(self::question($question)));
    }

    /** What helps in deciding, at a time of one's own choice. */
    #[Get('/trees/{tree}/cases/{question}/beside', 'besideCase', CaseContextResource::class, query: ['on'])]
    public function beside(Request $request, string $tree, string $question): JsonResponse
    {
        $this->refuseShielded();

        return response()->json($this->beside->of(self::question($question), $request->string('on')->toString()));
    }

    #[Post('/trees/{tree}/cases', 'beginCase', CreatedResource::class, CaseInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = CaseInput::from($request);
        $question = $this->changes->run(new Intent(TreesController::user($request), 'Began a case'),
            fn (): Question => $this->cases->begin($input->aspect, $input->personId, $input->lineId, $input->people));

        return response()->json(new CreatedResource($question->id));
    }

    #[Post('/trees/{tree}/cases/{question}/alternatives', 'addAlternative', CreatedResource::class, AlternativeInput::class)]
    public function alternative(Request $request, string $tree, string $question): JsonResponse
    {
        $input = AlternativeInput::from($request);
        $row = self::question($question);
        $made = $this->changes->run(new Intent(TreesController::user($request), 'Named somebody else in a case'),
            fn (): Alternative => $this->cases->alternative($row, $input->personId, $input->title ?? ''), $row);

        return response()->json(new CreatedResource($made->id));
    }

    #[Delete('/trees/{tree}/alternatives/{alternative}', 'deleteAlternative')]
    public function dropAlternative(Request $request, string $tree, string $alternative): Response
    {
        $row = Alternative::query()->findOrFail($alternative);
        $this->changes->run(new Intent(TreesController::user($request), 'Removed an answer from a case'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    #[Post('/trees/{tree}/cases/{question}/points', 'addPoint', CreatedResource::class, PointInput::class)]
    public function point(Request $request, string $tree, string $question): JsonResponse
    {
        $input = PointInput::from($request);
        $row = self::question($question);
        $point = $this->changes->run(
            new Intent(TreesController::user($request), $input->isFor ? 'Noted a point for' : 'Noted a point against', $input->text),
            static function () use ($row, $input): Point {
                $alternative = Alternative::query()->where('question_id', $row->id)->findOrFail($input->alternativeId);

                return Point::query()
                    ->create(['question_id' => $row->id, 'alternative_id' => $alternative->id,
                        'claim_id' => $input->claimId === null ? null : Claim::query()->findOrFail($input->claimId)->id,
                        'is_for' => $input->isFor, 'text' => trim($input->text), 'weight' => $input->weight ?? '',
                        'position' => 1 + (int) Point::query()->where('question_id', $row->id)->max('position')]);
            });

        return response()->json(new CreatedResource($point->id));
    }

    #[Delete('/trees/{tree}/points/{point}', 'deletePoint')]
    public function dropPoint(Request $request, string $tree, string $point): Response
    {
        $row = Point::query()->findOrFail($point);
        $this->changes->run(new Intent(TreesController::user($request), 'Removed a point from a case'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    #[Post('/trees/{tree}/cases/{question}/conclude', 'conclude', CreatedResource::class, ConclusionInput::class)]
    public function conclude(Request $request, string $tree, string $question): JsonResponse
    {
        $input = ConclusionInput::from($request);
        $sentence = $this->pages->sentence(self::question($question));
        $this->changes->run(new Intent(TreesController::user($request), "Concluded, {$input->state}: {$sentence}", $input->reason ?? ''),
            fn () => $this->cases->conclude(self::question($question), $input->version, $input->alternativeId,
                CaseState::from($input->state), $input->reason ?? ''));

        return response()->json(new CreatedResource($question));
    }

    /** What to look for next. */
    #[Post('/trees/{tree}/cases/{question}/tasks', 'addCaseTask', CreatedResource::class, TaskInput::class)]
    public function task(Request $request, string $tree, string $question): JsonResponse
    {
        $text = trim(TaskInput::from($request)->text ?? '');
        if ($text === '') {
            throw new Refusal('Say what is to be done.');
        }
        $row = self::question($question);
        $task = $this->changes->run(new Intent(TreesController::user($request), "Added the task: {$text}"),
            static fn (): Task => Task::query()
                ->create(['question_id' => $row->id, 'text' => $text, 'position' => 1 + (int) Task::query()->max('position')]));

        return response()->json(new CreatedResource($task->id));
    }

    private static function question(string $id): Question
    {
        return Question::query()->whereIn('kind', ['identity', 'kinship'])->findOrFail($id);
    }

    private function refuseShielded(): void
    {
        $this->current->refuseShielded('Cases name living people; they are for those who may see them.');
    }
}
