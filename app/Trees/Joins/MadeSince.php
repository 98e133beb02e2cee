<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Models\Event;
use App\Models\Join;
use App\Models\Person;
use App\Models\Placing;
use App\Models\TreeModel;
use App\Models\Union;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\JournalEntries;
use App\Trees\Changes\JournalEntry;
use App\Trees\Joins\Things\JoinableKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** What was made on somebody since they were joined: whose it is when they are taken apart, where anything tells. */
final readonly class MadeSince
{
    public function __construct(private CurrentTree $current, private Joined $joined)
    {
    }

    /**
     * @param  list<JournalEntry>  $entries  of the join
     * @return list<RowSince>
     */
    public function of(Join $join, array $entries): array
    {
        $rows = $this->hangingOn(JoinableKinds::of($join)?->model() ?? Person::class, $this->joined->kept($join), $join->gone_id, $entries);
        foreach ($this->unionsThatBecameOne($entries) as [$gone, $into]) {
            array_push($rows, ...$this->hangingOn(Union::class, $into, $gone, $entries));
        }

        return $rows;
    }

    /**
     * Gives what was made since to whom it belongs.
     *
     * @param  list<RowSince>  $rows
     * @param  array<string, string>  $answers  `kept` or `gone`, by id
     * @return list<RowSince> those of which nothing tells; they stay
     */
    public function share(array $rows, Join $join, array $answers): array
    {
        $open = [];
        foreach ($rows as $row) {
            $goes = ($answers[$row->id] ?? '') === 'gone' || ($row->isOfGone && ! isset($answers[$row->id]));
            if ($goes) {
                AuthoredTables::model($row->table)::query()->where('id', $row->id)->firstOrFail()->fill([$row->column => $row->goesTo])
                    ->save();
            } elseif (! isset($answers[$row->id])) {
                $open[] = $row;
            }
        }

        return $open;
    }

    /**
     * @param  class-string<TreeModel>  $class
     * @param  list<JournalEntry>  $entries
     * @return list<RowSince>
     */
    private function hangingOn(string $class, string $keptId, string $goneId, array $entries): array
    {
        $rows = [];
        foreach (Pointing::at($class) as [$model, $column]) {
            $table = (new $model)->getTable();
            if ($model === Join::class) {
                continue;
            }
            $hanging = $model::query()->where($column, $keptId)->orderBy('id')->get();
            $since = $this->madeSince($table, array_values(array_map(strval(...), $hanging->pluck('id')->all())), $entries[0]->changeSeq);
            foreach ($hanging->whereIn('id', $since) as $row) {
                $rows[] = new RowSince($table, $row->id, $column, $goneId, $this->says($row), $this->isOf($row, $goneId));
            }
        }

        return $rows;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> those among them that were made after a change
     */
    private function madeSince(string $table, array $ids, int $seq): array
    {
        return array_values(array_map(strval(...), JournalEntries::of($this->current->id())->where('journal.table_name', $table)
            ->whereIn('journal.row_id', $ids)->where('journal.op', 'insert')->where('change_sets.seq', '>', $seq)
            ->pluck('journal.row_id')->all()));
    }

    /** Whether a record names the one who comes back for it. */
    private function isOf(TreeModel $row, string $goneId): bool
    {
        return match (true) {
            $row instanceof Placing => $row->entered_for === $goneId,
            $row instanceof Event => DB::table('claims')
                ->join('placings', static fn ($join) => $join->on('placings.tree_id', 'claims.tree_id')
                    ->on('placings.roll_line_id', 'claims.roll_line_id'))->where('claims.tree_id', $this->current->id())
                ->where('claims.event_id', $row->id)->where('placings.entered_for', $goneId)->where('placings.state', 'placed')->exists(),
            default => false,
        };
    }

    private function says(TreeModel $row): string
    {
        $words = $row instanceof Event ? trim("{$row->kind} {$row->date->shown} {$row->place_typed}") : '';

        return AuthoredTables::word($row->getTable()).($words === '' ? '' : ": {$words}");
    }

    /**
     * @param  list<JournalEntry>  $entries
     * @return list<array{string, string}> couples that went, and those that took what was told of them
     */
    private function unionsThatBecameOne(array $entries): array
    {
        $gone = array_column(array_filter($entries, static fn (JournalEntry $entry): bool => $entry->table === 'unions'
            && $entry->op === 'delete'), 'rowId');
        $pairs = [];
        foreach ($entries as $entry) {
            $from = $entry->op === 'update' ? $entry->before['union_id'] ?? '' : '';
            if (in_array($from, $gone, true) && ! isset($pairs[$from])) {
                $into = DB::table($entry->table)->where('tree_id', $this->current->id())->where('id', $entry->rowId)->value('union_id');
                $into === null || $pairs[$from] = [$from, (string) $into];
            }
        }

        return array_values($pairs);
    }
}
