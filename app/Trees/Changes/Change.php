<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\Person;
use App\Models\TreeModel;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** One change set while it is open: journals every row that is written and notes whom it touches. */
final class Change
{
    private const AT_ONCE = 200;

    private int $seq = 0;

    /** @var list<array<string, string|int|null>> journal entries that are not stored yet */
    private array $entries = [];

    public readonly AffectedPeople $touched;

    private readonly ChangeDates $dates;

    public function __construct(public readonly string $treeId, public readonly string $id)
    {
        $this->touched = new AffectedPeople;
        $this->dates = new ChangeDates;
    }

    public function inserted(TreeModel $row): void
    {
        $this->touches($row);
        $this->touched->people += $row instanceof Person ? 1 : 0;
        $this->journal($row->getTable(), $row->id, 'insert', null);
    }

    public function updating(TreeModel $row): void
    {
        $before = array_intersect_key($row->getRawOriginal(), $row->getDirty());
        unset($before['version']);
        $this->touches($row);
        $this->touched->affectsClassification($row);
        $this->journal($row->getTable(), $row->id, 'update', $before);
    }

    public function deleting(TreeModel $row): void
    {
        $this->touches($row);
        $this->touched->people -= $row instanceof Person ? 1 : 0;
        $this->journal($row->getTable(), $row->id, 'delete', $row->getRawOriginal());
    }

    /** Deletes a row with everything that hangs on it, the outermost first. */
    public function deleteWhole(TreeModel $row): void
    {
        foreach ($row::dependents() as [$class, $column]) {
            foreach ($class::query()->where($column, $row->id)->get() as $dependent) {
                $this->deleteWhole($dependent);
            }
        }
        foreach ($row::nullOnDelete() as [$class, $column]) {
            foreach ($class::query()->where($column, $row->id)->get() as $referring) {
                $referring->fill([$column => null])->save();
            }
        }
        $row->delete();
    }

    /** Gives every record that was touched its change date, journalled so that undoing puts the old one back. */
    public function stamp(Carbon $now): void
    {
        foreach ($this->dates->stamp($this->treeId, $now) as [$table, $id, $before]) {
            $this->journal($table, $id, 'update', [ChangeDates::COLUMN => $before]);
        }
    }

    /** Puts a change date back as it was. */
    public function restoreDate(string $table, string $id, ?string $date): void
    {
        $row = DB::table($table)->where('tree_id', $this->treeId)->where('id', $id);
        $this->journal($table, $id, 'update', [ChangeDates::COLUMN => (clone $row)->value(ChangeDates::COLUMN)]);
        $row->update([ChangeDates::COLUMN => $date]);
    }

    private function touches(TreeModel $row): void
    {
        $this->touched->by($row);
        $this->dates->by($row);
    }

    /** A bulk set journals one line a table; its rows carry the change set's id in made_by. */
    public function bulk(string $table, int $rows): void
    {
        $this->touched->inBulk();
        $this->journal($table, null, 'bulk', ['rows' => $rows]);
    }

    /**
     * A step that the database may refuse: where it does, nothing of it is written nor journalled, and the change goes on.
     *
     * @param  \Closure(): mixed  $step
     *
     * @throws QueryException what the database said
     */
    public function attempt(\Closure $step): void
    {
        $this->flush();
        try {
            DB::transaction($step);
        } catch (QueryException $refused) {
            $this->entries = [];
            throw $refused;
        }
    }

    /** Stores what was journalled; done before the transaction ends. */
    public function flush(): void
    {
        DB::table('journal')->insert($this->entries);
        $this->entries = [];
    }

    /** @param  array<string, mixed>|null  $before */
    private function journal(string $table, ?string $rowId, string $op, ?array $before): void
    {
        $this->entries[] = [
            'tree_id' => $this->treeId,
            'id' => (string) Str::uuid7(),
            'change_set_id' => $this->id,
            'seq' => $this->seq++,
            'table_name' => $table,
            'row_id' => $rowId,
            'op' => $op,
            'before' => $before === null ? null : json_encode($before, JSON_THROW_ON_ERROR),
        ];
        if (count($this->entries) >= self::AT_ONCE) {
            $this->flush();
        }
    }
}
