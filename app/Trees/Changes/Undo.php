<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\User;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Takes a change set back with a new one. A field that was changed since is never overwritten: the undoing stops
 * whole and names it.
 */
final readonly class Undo
{
    private const LISTED = 12;

    public function __construct(private ChangeSets $changes, private CurrentTree $current, private LaterChanges $since)
    {
    }

    /** @return list<Step> what this user did and has not undone, the newest first */
    public function undoable(User $user, int $most = self::LISTED): array
    {
        return $this->latest($user, ['do', 'redo'], 0, $most);
    }

    /** @return list<Step> what this user undid and can do again, as long as nothing new was done after it; the next first */
    public function redoable(User $user, int $most = self::LISTED): array
    {
        return $this->latest($user, ['undo'], (int) ($this->latest($user, ['do'], 0, 1)[0]->seq ?? 0), $most);
    }

    /**
     * @return string what was taken back, in words
     *
     * @throws CannotUndo
     */
    public function undo(string $changeSetId, User $user): string
    {
        $set = DB::table('change_sets')->where('tree_id', $this->current->id())->where('id', $changeSetId)->first();
        if ($set === null) {
            throw CannotUndo::notThere();
        }
        if ($set->undone_by !== null) {
            throw CannotUndo::already((string) $set->summary);
        }
        $step = Step::without((string) $set->summary);
        [$kind, $summary] = $set->kind === 'undo' ? ['redo', "Redid: {$step}"] : ['undo', "Undid: {$step}"];
        $how = $set->how === 'import' ? ChangeMethod::Import : ChangeMethod::Hand;
        try {
            $this->changes->run(new Intent($user, $summary, '', $how, $kind, $changeSetId), function (Change $change) use ($set): void {
                $this->claim($set, $change);
                $entries = JournalEntries::of($this->current->id())->where('journal.change_set_id', $set->id)->orderByDesc('journal.seq');
                foreach (JournalEntries::read($entries) as $entry) {
                    match ($entry->op) {
                        'insert' => $this->takeOut($change, $entry),
                        'update' => $this->restore($change, $entry),
                        'delete' => $this->putBack($entry),
                        default => $set->kind === 'undo' ? throw CannotUndo::broughtInFromItsFile() : $this->takeOutBulk($change, $entry),
                    };
                }
            });
        } catch (QueryException $problem) {
            // Foreign keys refuse when something made later still needs what would go.
            throw $problem->getCode() === '23503' ? CannotUndo::needed((string) $set->summary) : $problem;
        }

        return (string) $set->summary;
    }

    /** One conditional update, so that of two who undo the same at once only one does. */
    private function claim(stdClass $set, Change $change): void
    {
        $claimed = DB::table('change_sets')->where('tree_id', $this->current->id())->where('id', $set->id)->whereNull('undone_by')
            ->update(['undone_by' => $change->id]);
        if ($claimed === 0) {
            throw CannotUndo::already((string) $set->summary);
        }
    }

    private function takeOut(Change $change, JournalEntry $entry): void
    {
        $class = AuthoredTables::model($entry->table);
        $row = $class::query()->where('id', $entry->rowId)->first();
        if ($row === null) {
            return;
        }
        $this->since->refuse($entry, $row->getRawOriginal());
        $row->delete();
    }

    private function restore(Change $change, JournalEntry $entry): void
    {
        $before = $entry->before;
        if (array_keys($before) === [ChangeDates::COLUMN]) {
            $this->restoreDate($change, $entry, $before[ChangeDates::COLUMN]);

            return;
        }
        $class = AuthoredTables::model($entry->table);
        $row = $class::query()->where('id', $entry->rowId)->first() ?? throw CannotUndo::gone($entry->table);
        $this->since->refuse($entry, array_intersect_key($row->getRawOriginal(), $before));
        $row->setRawAttributes(array_replace($row->getAttributes(), $before));
        $row->save();
    }

    /** A record that was changed again since keeps its later date; one that went with the set has none. */
    private function restoreDate(Change $change, JournalEntry $entry, ?string $date): void
    {
        $row = DB::table($entry->table)->where('tree_id', $this->current->id())->where('id', $entry->rowId)
            ->first([ChangeDates::COLUMN]);
        if ($row !== null && $this->since->changed($entry, get_object_vars($row)) === []) {
            $change->restoreDate($entry->table, $entry->rowId, $date);
        }
    }

    private function putBack(JournalEntry $entry): void
    {
        $class = AuthoredTables::model($entry->table);
        if ($class::query()->whereKey($entry->rowId)->exists()) {
            throw CannotUndo::changedSince($entry->table);
        }
        $row = new $class;
        $row->setRawAttributes($entry->before);
        $row->version++;
        $row->save();
    }

    private function takeOutBulk(Change $change, JournalEntry $entry): void
    {
        $rows = DB::table($entry->table)->where('tree_id', $this->current->id())->where('made_by', $entry->changeSetId);
        if ((clone $rows)->where('version', '>', 1)->exists()) {
            throw CannotUndo::changedSince($entry->table);
        }
        $gone = $rows->delete();
        $change->bulk($entry->table, $gone);
        $change->touched->people -= $entry->table === 'people' ? $gone : 0;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<Step>
     */
    private function latest(User $user, array $kinds, int $afterSeq, int $most): array
    {
        return array_values(DB::table('change_sets')
            ->where('tree_id', $this->current->id())
            ->where('user_id', $user->id)
            ->where('seq', '>', $afterSeq)
            ->whereIn('kind', $kinds)
            ->whereNull('undone_by')
            ->orderByDesc('seq')->limit($most)->get(['id', 'seq', 'summary'])
            ->map(static fn (stdClass $set): Step => new Step($set->id, $set->seq, (string) $set->summary))->all());
    }
}
