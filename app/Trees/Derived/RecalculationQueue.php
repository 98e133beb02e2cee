<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Jobs\RecalculateDerived;
use App\Models\Tree;
use App\Trees\Changes\AffectedPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Changes\DerivedTables;
use App\Trees\Changes\Recalculation;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The people whose windows and findings must be worked out again. Each change notes them; a queued job does the work. */
final readonly class RecalculationQueue implements Recalculation
{
    private const AT_ONCE = 1000;

    /** After so many minutes a worker that was asked is taken for lost. */
    private const LOST_AFTER = 10;

    public function __construct(private CurrentTree $current, private DerivedTables $derived)
    {
    }

    public function note(Tree $locked, AffectedPeople $affected): void
    {
        if ($affected->isBulk()) {
            $this->noteAll();

            return;
        }
        $personIds = array_values(
            array_unique(array_merge(
                ...array_map(static fn (DerivedData $derived): array => $derived->affectedBy($affected), $this->derived->inQueue))));
        if ($personIds !== []) {
            DB::insert('INSERT INTO people_due (tree_id, person_id) SELECT ?::uuid, unnest(?::uuid[])',
                [$locked->id, '{'.implode(',', $personIds).'}']);
            $this->ask($locked->id, $locked->due_asked_at);
        }
    }

    /** The whole tree, as after a file was brought in. */
    public function noteAll(): void
    {
        DB::table('people_due')->insert(['tree_id' => $this->current->id(), 'person_id' => null]);
        $this->ask($this->current->id(), null);
    }

    /** Works out whatever waits; whoever is touched meanwhile waits again. */
    public function catchUp(): void
    {
        // First: whoever is noted from here on asks anew, so that nobody waits unasked.
        DB::table('trees')->where('id', $this->current->id())->update(['due_asked_at' => null]);
        while (DB::transaction($this->some(...))) {
        }
    }

    /** Whether anybody waits. */
    public function isAny(): bool
    {
        return DB::table('people_due')->where('tree_id', $this->current->id())->exists();
    }

    private function some(): bool
    {
        $due = DB::table('people_due')->where('tree_id', $this->current->id())->orderBy('id')->limit(self::AT_ONCE)
            ->pluck('person_id', 'id');
        if ($due->isEmpty()) {
            return false;
        }
        $ids = array_values(array_map(strval(...), $due->filter()->unique()->all()));
        foreach ($this->derived->inQueue as $derived) {
            $due->contains(null) ? $derived->rebuild() : $derived->refresh($ids);
        }
        DB::table('people_due')->where('tree_id', $this->current->id())->whereIn('id', $due->keys())->delete();

        return true;
    }

    private function ask(string $treeId, ?string $askedAt): void
    {
        if ($askedAt === null || Carbon::parse($askedAt)->diffInMinutes(Carbon::now()) > self::LOST_AFTER) {
            DB::table('trees')->where('id', $treeId)->update(['due_asked_at' => Carbon::now()]);
            RecalculateDerived::dispatch($treeId);
        }
    }
}
