<?php

declare(strict_types=1);

namespace App\Http\Research;

use App\Http\Research\Resources\TaskResource;
use App\Trees\Access\LivingPeople;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Tasks as lists show them, those not done first. */
final readonly class TaskRows
{
    public function __construct(private CurrentTree $current, private LivingPeople $living)
    {
    }

    /**
     * @param  array<string, string>  $about  id by column of what they are about; empty is about anything
     * @return list<TaskResource>
     */
    public function of(array $about, int $most): array
    {
        $tasks = $this->living->visible(DB::table('tasks')->where('tasks.tree_id', $this->current->id()))
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'tasks.tree_id')
                ->on('person_lines.person_id', 'tasks.person_id'))
            ->where(array_combine(array_map(static fn (string $column): string => "tasks.{$column}", array_keys($about)), $about))
            ->select(['tasks.*', 'person_lines.shown_name'])
            ->orderByRaw('tasks.done_at IS NOT NULL, tasks.position, tasks.id')->limit($most);
        if (! isset($about['person_id'])) {
            $tasks->leftJoin('records', static fn ($join) => $join->on('records.tree_id', 'tasks.tree_id')
                ->on('records.id', 'tasks.record_id'))
                ->leftJoin('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')
                    ->on('sources.id', 'records.source_id'))
                ->addSelect(['sources.title', 'records.locator']);
        }
        $rows = $tasks->get();

        return array_values($rows->map(static fn (stdClass $row): TaskResource => new TaskResource(
            $row->id, $row->version, $row->text, $row->done_at !== null, $row->person_id, $row->record_id,
            $row->shown_name ?? (isset($row->title) ? trim("{$row->title}, {$row->locator}", ', ') : ''),
        ))->all());
    }
}
