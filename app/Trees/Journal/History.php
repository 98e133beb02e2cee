<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Models\TreeModel;
use App\Refusal;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Changes\JournalEntries;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What was changed about one person, value by value, and putting one value back. */
final readonly class History
{
    public const AT_ONCE = 60;

    public function __construct(private CurrentTree $current, private ChangeSets $changes, private EntryValues $values)
    {
    }

    /** @return list<HistoryLine> the newest first */
    public function of(string $personId, int $beforeSeq = 0): array
    {
        $told = $this->values->describe(JournalEntries::read($this->entries($personId)
            ->when($beforeSeq > 0, static fn (Builder $query) => $query->where('change_sets.seq', '<', $beforeSeq))
            ->orderByDesc('change_sets.seq')->orderByDesc('journal.seq')->limit(self::AT_ONCE)));
        $ids = array_map(static fn (ToldEntry $entry): string => $entry->entry->changeSetId, $told);
        $sets = DB::table('change_sets')->leftJoin('users', 'users.id', 'change_sets.user_id')
            ->where('change_sets.tree_id', $this->current->id())->whereIn('change_sets.id', array_unique($ids))
            ->get(['change_sets.id', 'change_sets.made_at', 'change_sets.why', 'change_sets.summary', 'users.name as who'])->keyBy('id');

        return array_map(static function (ToldEntry $entry) use ($sets): HistoryLine {
            $set = $sets[$entry->entry->changeSetId];

            return new HistoryLine($entry, $set->who ?? 'North Bough', $set->made_at, (string) $set->summary, (string) $set->why);
        }, $told);
    }

    /** @return Builder ids of the change sets that changed anything of somebody */
    public function changeSetsOf(string $personId): Builder
    {
        return $this->entries($personId)->select('journal.change_set_id');
    }

    /**
     * Puts one value back as it was before an entry, with whatever belongs to it.
     *
     * @throws Refusal when the row is gone, or was changed while somebody looked at it
     */
    public function putBack(Intent $intent, string $entryId, string $field, int $version): void
    {
        $entry = DB::table('journal')->where('tree_id', $this->current->id())->where('id', $entryId)->where('op', 'update')->first();
        $before = $entry === null ? [] : json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR);
        if ($entry === null || ! EntryValues::isWritten($entry->table_name, $field) || ! array_key_exists($field, $before)) {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }
        $this->changes->run($intent, static function () use ($entry, $before, $field, $version): void {
            /** @var class-string<TreeModel> $class */
            $class = AuthoredTables::model($entry->table_name);
            $row = $class::query()->where('id', $entry->row_id)
                ->first() ?? throw new Refusal('It was deleted since. Put the whole back first.', 409);
            ChangedMeanwhile::unless($row, $version, [$field => (string) $before[$field]]);
            $with = array_filter($before, static fn (string $column): bool => EntryValues::isPartOf($column, $field), ARRAY_FILTER_USE_KEY);
            $row->setRawAttributes(array_replace($row->getAttributes(), $with));
            $row->save();
        });
    }

    /** Every row that is somebody's: their own, those of their facts, and those that are gone. */
    private function entries(string $personId): Builder
    {
        $tree = $this->current->id();
        $own = static fn (string $table, string $column): Builder => DB::table($table)->where("{$table}.tree_id", $tree)
            ->where("{$table}.{$column}", $personId)->select("{$table}.id");
        $ofFacts = static fn (string $table): Builder => DB::table($table)
            ->join('events', static fn ($join) => $join->on('events.tree_id', "{$table}.tree_id")->on('events.id', "{$table}.event_id"))
            ->where("{$table}.tree_id", $tree)->where('events.person_id', $personId)->select("{$table}.id");
        $rows = $own('people', 'id');
        foreach (['names', 'events', 'union_partners', 'notes', 'tasks', 'questions', 'placings'] as $table) {
            $rows->union($own($table, 'person_id'));
        }
        $rows->union($own('parent_sets', 'child_id'))->union($ofFacts('claims'))->union($ofFacts('notes'));
        $ids = [...array_values($rows->pluck('id')->map(strval(...))->all()), ...$this->deletedOf([$personId], ['person_id', 'child_id'])];
        // Citations and notes of facts that are gone went with them.
        array_push($ids, ...$this->deletedOf($ids, ['event_id']));

        return JournalEntries::of($tree)->whereIn('journal.row_id', $ids);
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $columns
     * @return list<string> rows that were deleted and pointed at one of these
     */
    private function deletedOf(array $ids, array $columns): array
    {
        $gone = [];
        foreach ($columns as $column) {
            array_push($gone, ...DB::table('journal')->where('tree_id', $this->current->id())->where('op', 'delete')
                ->whereIn(DB::raw("before->>'{$column}'"), $ids)->pluck('row_id')->map(strval(...))->all());
        }

        return $gone;
    }
}
