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

    /** @return list<stdClass> what this user did and has not undone, the newest first */
    public function undoable(User $user, int $most = self::LISTED): array
    {
        return $this->latest($user, ['do', 'redo'], 0, $most);
    }

    /** @return list<stdClass> what this user undid and can do again, as long as nothing new was done after it; the next first */
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
        $step = self::step((string) $set->summary);
        [$kind, $summary] = $set->kind === 'undo' ? ['redo', "Redid: {$step}"] : ['undo', "Undid: {$step}"];
        $how = $set->how === 'import' ? ChangeMethod::Import : ChangeMethod::Hand;
        try {
            $this->changes->run(new Intent($user, $summary, '', $how, $kind, $changeSetId), function (Change $change) use ($set): void {
                $this->claim($set, $change);
                $entries = DB::table('journal')->where('tree_id', $this->current->id())->where('change_set_id', $set->id)
                    ->orderByDesc('seq')->get();
                foreach ($entries as $entry) {
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

    /** A summary without what undoing and redoing put before it, older wordings too. */
    public static function step(string $summary): string
    {
        return (string) preg_replace('/^(Undid|Redid|Did again): /', '', $summary);
    }

    private function takeOut(Change $change, stdClass $entry): void
    {
        $class = AuthoredTables::model($entry->table_name);
        $row = $class::query()->where('id', (string) $entry->row_id)->first();
        if ($row === null) {
            return;
        }
        $this->since->refuse($entry, $row->getRawOriginal());
        $row->delete();
    }

    private function restore(Change $change, stdClass $entry): void
    {
        /** @var array<string, mixed> $before */
        $before = json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR);
        if (array_keys($before) === [ChangeDates::COLUMN]) {
            $this->restoreDate($change, $entry, $before[ChangeDates::COLUMN]);

            return;
        }
        $class = AuthoredTables::model($entry->table_name);
        $row = $class::query()->where('id', (string) $entry->row_id)->first() ?? throw CannotUndo::gone($entry->table_name);
        $this->since->refuse($entry, array_intersect_key($row->getRawOriginal(), $before));
        $row->setRawAttributes(array_replace($row->getAttributes(), $before));
        $row->save();
    }

    /** A record that was changed again since keeps its later date; one that went with the set has none. */
    private function restoreDate(Change $change, stdClass $entry, ?string $date): void
    {
        $row = DB::table($entry->table_name)->where('tree_id', $this->current->id())->where('id', $entry->row_id)
            ->first([ChangeDates::COLUMN]);
        if ($row !== null && $this->since->changed($entry, get_object_vars($row)) === []) {
            $change->restoreDate($entry->table_name, $entry->row_id, $date);
        }
    }

    private function putBack(stdClass $entry): void
    {
        $class = AuthoredTables::model($entry->table_name);
        if ($class::query()->whereKey($entry->row_id)->exists()) {
            throw CannotUndo::changedSince($entry->table_name);
        }
        $row = new $class;
        $row->setRawAttributes(json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR));
        $row->version++;
        $row->save();
    }

    private function takeOutBulk(Change $change, stdClass $entry): void
    {
        $rows = DB::table($entry->table_name)->where('tree_id', $this->current->id())->where('made_by', $entry->change_set_id);
        if ((clone $rows)->where('version', '>', 1)->exists()) {
            throw CannotUndo::changedSince($entry->table_name);
        }
        $gone = $rows->delete();
        $change->bulk($entry->table_name, $gone);
        $change->touched->people -= $entry->table_name === 'people' ? $gone : 0;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<stdClass>
     */
    private function latest(User $user, array $kinds, int $afterSeq, int $most): array
    {
        return array_values(DB::table('change_sets')
            ->where('tree_id', $this->current->id())
            ->where('user_id', $user->id)
            ->where('seq', '>', $afterSeq)
            ->whereIn('kind', $kinds)
            ->whereNull('undone_by')
            ->orderByDesc('seq')->limit($most)
            ->get()->all());
    }
}
