<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Models\Union;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\CannotUndo;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Changes\JournalEntries;
use App\Trees\Changes\JournalEntry;
use App\Trees\Changes\Undo;
use App\Trees\Families\FamilyWriter;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\QueryException;
use NorthBough\Core\Family\Command\TidyCouples;

/** Puts something that was deleted back, with every tie, citation and note that went with it. */
final readonly class Restoration
{
    public function __construct(
        private CurrentTree $current,
        private ChangeSets $changes,
        private Undo $undo,
        private References $references,
        private FamilyWriter $families,
    ) {
    }

    /**
     * What was deleted alone is undone, so that whatever else the deleting changed is as it was. Where that cannot be,
     * because somebody went on from there, its rows are put back beside what was done since.
     *
     * @param  string  $entryId  of the deletion, in the journal
     * @return string what was done, in words; it names what could not come back
     *
     * @throws Refusal
     */
    public function thing(string $entryId, User $user): string
    {
        $deleted = JournalEntries::of($this->current->id())->where('journal.op', 'delete');
        $entry = JournalEntries::read((clone $deleted)->where('journal.id', $entryId))[0]
            ?? throw new Refusal(Refusal::NOT_HERE, 404);
        $whole = DeletedGraph::of(
            JournalEntries::read($deleted->where('journal.change_set_id', $entry->changeSetId)->orderByDesc('journal.seq')));
        if (AuthoredTables::model($entry->table)::query()->where('id', $entry->rowId)->exists()) {
            throw new Refusal('It is there again already.', 409);
        }
        $called = $whole->called($entry);
        if (count($whole->things(['people', 'sources', 'records', 'places', $entry->table])) === 1) {
            try {
                $this->undo->undo($entry->changeSetId, $user);

                return "Restored: {$called}.";
            } catch (CannotUndo) {
                // Somebody went on from there.
            }
        }
        $rows = $this->belonging($whole, $entry);
        try {
            $left = $this->changes->run(new Intent($user, "Restored {$called}"), fn (Change $change): int => $this->insert($change, $rows));
        } catch (QueryException $problem) {
            throw $problem->getCode() === '23505'
                ? new Refusal("{$called} was not restored: something else stands in its place now. Undo that first.", 409) : $problem;
        }

        return "Restored: {$called}.".match ($left) {
            0 => '',
            1 => ' One thing stayed away, because what it tied to is gone.',
            default => " {$left} things stayed away, because what they tied to is gone.",
        };
    }

    /**
     * The thing, what went with it, and whatever of the same change these cannot be without. Other people stay where they are.
     *
     * @return list<JournalEntry> their deletions, each after those that it refers to
     */
    private function belonging(DeletedGraph $whole, JournalEntry $thing): array
    {
        $wanted = [];
        for ($waiting = [$thing->rowId]; $waiting !== [];) {
            $entry = $whole->entry(array_pop($waiting));
            if ($entry === null || isset($wanted[$entry->rowId])
                || ($entry->table === 'people' && $entry->rowId !== $thing->rowId)) {
                continue;
            }
            $wanted[$entry->rowId] = $entry;
            array_push($waiting, ...array_column($whole->goingWith($entry), 'rowId'),
                ...array_values(array_filter($entry->before, is_string(...))));
        }
        $order = array_flip(AuthoredTables::names());
        usort($wanted, static fn (JournalEntry $a, JournalEntry $b): int => $order[$a->table] <=> $order[$b->table]);

        return $wanted;
    }

    /**
     * @param  list<JournalEntry>  $rows
     * @return int how many stayed away
     */
    private function insert(Change $change, array $rows): int
    {
        $left = 0;
        $standing = $this->references->standing($rows);
        foreach ($rows as $deletion) {
            $row = $this->references->mended($deletion->table, $deletion->before, $standing);
            if ($row === null) {
                unset($standing[$deletion->rowId]);
                $left++;

                continue;
            }
            $class = AuthoredTables::model($deletion->table);
            $model = new $class;
            $model->setRawAttributes($row);
            $model->version++;
            $model->save();
        }
        $unions = array_column(array_filter($rows, static fn (JournalEntry $entry): bool => $entry->table === 'unions'), 'rowId');
        $this->families->run(new TidyCouples(array_values(Union::query()->whereIn('id', $unions)->pluck('id')->all())));

        return $left;
    }
}
