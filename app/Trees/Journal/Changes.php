<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Models\User;
use App\Trees\Changes\JournalEntries;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The change sets of a tree, the newest first, and what one of them wrote. */
final readonly class Changes
{
    public const AT_ONCE = 60;

    private const ENTRIES = 200;

    public function __construct(
        private CurrentTree $current,
        private History $history,
        private EntryValues $values,
        private AboutWhom $whose,
    ) {
    }

    /** @return list<ToldChange> the newest first */
    public function list(JournalFilter $asked, int $most = self::AT_ONCE, int $before = 0): array
    {
        $rows = $asked->narrow($this->sets(), $this->history)
            ->when($before > 0, static fn (Builder $query) => $query->where('change_sets.seq', '<', $before))
            ->orderByDesc('change_sets.seq')->limit($most)->get(['change_sets.*', 'users.name AS who']);
        $counts = DB::table('journal')->where('tree_id', $this->current->id())->whereIn('change_set_id', $rows->pluck('id'))
            ->whereRaw("(before IS NULL OR op <> 'update' OR (before - 'changed_at') <> '{}'::jsonb)")
            ->groupBy('change_set_id')->selectRaw("change_set_id, sum(coalesce((before->>'rows')::int, 1)) AS rows")
            ->pluck('rows', 'change_set_id');

        $whose = $this->whose->names($rows->mapWithKeys(static fn (stdClass $row): array => [$row->id => (int) ($counts[$row->id] ?? 0)])
            ->all());

        return array_values($rows->map(static fn (stdClass $row): ToldChange => new ToldChange(
            $row->id, $row->seq, $row->summary, AboutWhom::withNames($whose[$row->id] ?? [], $row->summary), $row->why,
            $row->who ?? 'North Bough', $row->how, $row->made_at, $row->undone_by !== null, $row->kind === 'undo',
            (int) ($counts[$row->id] ?? 0),
        ))->all());
    }

    /** @return list<OwnedEntry> the entries of one change set, in the order in which they were written */
    public function entries(string $changeSetId): array
    {
        $told = $this->values->describe(JournalEntries::read(JournalEntries::of($this->current->id())
            ->where('journal.change_set_id', $changeSetId)->whereNotNull('journal.row_id')
            ->orderByDesc('journal.seq')->limit(self::ENTRIES)));
        $facts = array_filter(array_map(static fn (ToldEntry $entry): string => (string) ($entry->row['event_id'] ?? ''), $told));
        $ofFacts = DB::table('events')->where('tree_id', $this->current->id())->whereIn('id', $facts)->pluck('person_id', 'id');
        $whose = array_map(static fn (ToldEntry $entry): string => (string) match ($entry->entry->table) {
            'people' => $entry->entry->rowId,
            default => $entry->row['person_id'] ?? $entry->row['child_id'] ?? $ofFacts[$entry->row['event_id'] ?? ''] ?? '',
        }, $told);
        $names = DB::table('person_lines')->where('tree_id', $this->current->id())->whereIn('person_id', array_filter($whose))
            ->pluck('shown_name', 'person_id');

        return array_reverse(array_map(static fn (ToldEntry $entry, string $personId): OwnedEntry => isset($names[$personId])
            ? new OwnedEntry($entry, $personId, $names[$personId]) : new OwnedEntry($entry, '', ''), $told, $whose));
    }

    public function isThere(string $changeSetId): bool
    {
        return DB::table('change_sets')->where('tree_id', $this->current->id())->where('id', $changeSetId)->exists();
    }

    /** @return array<string, string> names of those who changed this tree, by id */
    public function authors(): array
    {
        return User::query()->whereIn('id', DB::table('members')->where('tree_id', $this->current->id())->select('user_id'))
            ->orderBy('name')->pluck('name', 'id')->all();
    }

    private function sets(): Builder
    {
        return DB::table('change_sets')->leftJoin('users', 'users.id', 'change_sets.user_id')
            ->where('change_sets.tree_id', $this->current->id());
    }
}
