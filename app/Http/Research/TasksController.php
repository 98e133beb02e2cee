<?php

declare(strict_types=1);

namespace App\Http\Research;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Research\Inputs\TaskInput;
use App\Http\Research\Resources\TaskList;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Models\Record;
use App\Models\Task;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** What is to be done, about somebody or by itself. */
final readonly class TasksController
{
    private const MOST = 500;

    public function __construct(private TaskRows $rows, private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/tasks', 'tasks', TaskList::class, query: ['person', 'record'])]
    public function index(Request $request): JsonResponse
    {
        $about = [];
        foreach (['person' => 'person_id', 'record' => 'record_id'] as $asked => $column) {
            if (Str::isUuid($request->string($asked)->toString())) {
                $about[$column] = $request->string($asked)->toString();
            }
        }

        return response()->json(new TaskList($this->rows->of($about, self::MOST)));
    }

    #[Post('/trees/{tree}/people/{person}/tasks', 'addTask', CreatedResource::class, TaskInput::class)]
    public function store(Request $request, string $tree, string $person): JsonResponse
    {
        return $this->add($request, ['person_id' => Person::query()->findOrFail($person)->id]);
    }

    /** What the copy of a record lacks, or whatever else is to be done about it. */
    #[Post('/trees/{tree}/records/{record}/tasks', 'addRecordTask', CreatedResource::class, TaskInput::class)]
    public function onRecord(Request $request, string $tree, string $record): JsonResponse
    {
        return $this->add($request, ['record_id' => Record::query()->findOrFail($record)->id]);
    }

    /** @param  array<string, string>  $about  id by column */
    private function add(Request $request, array $about): JsonResponse
    {
        $text = trim(TaskInput::from($request)->text ?? '');
        if ($text === '') {
            throw new Refusal('Say what is to be done.');
        }
        $task = $this->changes->run(new Intent(TreesController::user($request), "Added the task: {$text}"),
            static fn (): Task => Task::query()
                ->create([...$about, 'text' => $text, 'position' => 1 + (int) Task::query()->max('position')]));

        return response()->json(new CreatedResource($task->id));
    }

    #[Patch('/trees/{tree}/tasks/{task}', 'changeTask', CreatedResource::class, TaskInput::class)]
    public function update(Request $request, string $tree, string $task): JsonResponse
    {
        $input = TaskInput::from($request);
        $values = $input->text === null ? [] : ['text' => $input->text];
        if ($input->done !== null) {
            $values['done_at'] = $input->done ? Carbon::now()->toIso8601String() : null;
        }
        $this->changes->run(
            new Intent(TreesController::user($request),
                $input->done === true ? 'Did something that was to be done' : 'Changed what is to be done'),
            static function () use ($task, $values, $input): void {
                $row = Task::query()->findOrFail($task);
                ChangedMeanwhile::unless($row, $input->version ?? 0, $values);
                $row->fill($values)->save();
            });

        return response()->json(new CreatedResource($task));
    }

    #[Delete('/trees/{tree}/tasks/{task}', 'deleteTask')]
    public function destroy(Request $request, string $tree, string $task): Response
    {
        $row = Task::query()->findOrFail($task);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the task: {$row->text}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
