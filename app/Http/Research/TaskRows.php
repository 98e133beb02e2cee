<?php

declare(strict_types=1);

namespace App\Http\Research;

use App\Http\Resources\TaskResource;
use App\Trees\CurrentTree;
use App\Trees\Living;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Tasks as lists show them, those not done first. */
final readonly class TaskRows
{
    public function __construct(private CurrentTree $current, private Living $living)
    {
    }

    /**
     * @param  string|null  $personId  null is about anybody
     * @return list<TaskResource>
     */
    public function of(?string $personId, int $most): array
    {
        $rows = $this->living->visible(DB::table('tasks')->where('tasks.tree_id', $this->current->id()))
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'tasks.tree_id')->on('person_lines.person_id', 'tasks.person_id'))
            ->when($personId !== null, static fn ($query) => $query->where('tasks.person_id', $personId))
            ->orderByRaw('tasks.done_at IS NOT NULL, tasks.position, tasks.id')->limit($most)
            ->get(['tasks.*', 'person_lines.shown_name']);

        return array_values($rows->map(static fn (stdClass $row): TaskResource => new TaskResource(
            $row->id, $row->version, $row->text, $row->done_at !== null, $row->person_id, $row->shown_name ?? '',
        ))->all());
    }
}
