<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Jobs\RecalculateDerived;
use App\Models\Tree;
use App\Trees\Changes\AffectedPeople;
use App\Trees\Derived\Finding\ConflictFindings;
use App\Trees\Derived\Finding\WindowFindings;
use App\Trees\Derived\Window\StoredWindows;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Of whom something waits to be worked out anew, windows and findings: noted with each change, done in the queue. */
final readonly class RecalculationQueue
{
    private const AT_ONCE = 1000;

    /** After so many minutes a worker that was asked is taken for lost. */
    private const LOST_AFTER = 10;

    public function __construct(private CurrentTree $current, private StoredWindows $windows, private ConflictFindings $conflicts, private WindowFindings $impossible)
    {
    }

    /**
     * Called in the transaction of the change.
     *
     * @param  list<string>  $personIds
     */
    public function note(Tree $locked, array $personIds, AffectedPeople $touched): void
    {
        if ($touched->isBulk()) {
            $this->noteAll();

            return;
        }
        $present = $this->present($locked->id, $touched);
        if ($personIds === [] && $present === []) {
            return;
        }
        $waiting = DB::query()->selectRaw('?::uuid AS tree_id, unnest(?::uuid[]) AS person_id', [$locked->id, '{'.implode(',', $personIds).'}']);
        foreach ($present as $others) {
            $waiting->union($others);
        }
        if (DB::table('people_due')->insertUsing(['tree_id', 'person_id'], $waiting) > 0) {
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
        $due = DB::table('people_due')->where('tree_id', $this->current->id())->orderBy('id')->limit(self::AT_ONCE)->pluck('person_id', 'id');
        if ($due->isEmpty()) {
            return false;
        }
        if ($due->contains(null)) {
            $this->windows->rebuild();
            $this->conflicts->rebuild();
        } else {
            $ids = array_values(array_map(strval(...), $due->unique()->all()));
            $this->windows->refresh($ids);
            $this->conflicts->refresh($ids);
        }
        $this->impossible->refresh();
        DB::table('people_due')->where('tree_id', $this->current->id())->whereIn('id', $due->keys())->delete();

        return true;
    }

    /** @return list<Builder> those who were present at what was touched */
    private function present(string $treeId, AffectedPeople $touched): array
    {
        $present = [];
        if ($touched->hasAny('events')) {
            $present[] = DB::table('event_roles')->where('tree_id', $treeId)->whereIn('event_id', $touched->rows())->whereNotNull('person_id')->select(['tree_id', 'person_id']);
        }
        if ($touched->hasAny('records', 'roll_lines')) {
            $present[] = DB::table('placings')->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'placings.tree_id')->on('roll_lines.id', 'placings.roll_line_id'))
                ->where('placings.tree_id', $treeId)->whereNotNull('placings.person_id')
                ->where(static fn ($either) => $either->whereIn('roll_lines.record_id', $touched->rows())->orWhereIn('roll_lines.id', $touched->rows()))->select(['placings.tree_id', 'placings.person_id']);
        }

        return $present;
    }

    private function ask(string $treeId, ?string $askedAt): void
    {
        if ($askedAt === null || Carbon::parse($askedAt)->diffInMinutes(Carbon::now()) > self::LOST_AFTER) {
            DB::table('trees')->where('id', $treeId)->update(['due_asked_at' => Carbon::now()]);
            RecalculateDerived::dispatch($treeId);
        }
    }
}
